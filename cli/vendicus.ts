import { answer } from './answer';

const { status, stdout, stderr } = answer(process.argv.slice(2));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = status;
