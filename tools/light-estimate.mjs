// Loaded into the builder, which packs every file as hard as it can only to print how large it would be:
// packed lightly it is done a seventh sooner. What is served is packed by compress.mjs.
import zlib, { constants } from 'node:zlib';

const hard = zlib.brotliCompress;
const lightly = { params: { [constants.BROTLI_PARAM_QUALITY]: 1 } };
zlib.brotliCompress = (data, ...asked) => hard(data, lightly, asked.at(-1));
