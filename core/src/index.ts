// The whole map on one page: every room, in the order in which they stand on each other, and every idea in it.
// For reading, and for whoever takes the core as a library; within the project, import the file itself.

// units: Masses, money, numbers, days and moments; the one shape of failure.
export * from './units/allocate';
export * from './units/canonical-json';
export * from './units/convert';
export * from './units/cumulative';
export * from './units/date';
export * from './units/exact-mass';
export * from './units/fault-words';
export * from './units/format-mass';
export * from './units/inches';
export * from './units/mass';
export * from './units/mass-in-doubt';
export * from './units/money';
export * from './units/normals';
export * from './units/number-style';
export * from './units/parse-mass';
export * from './units/plain-letters';
export * from './units/prose';
export * from './units/random';
export * from './units/remembered';
export * from './units/request-problem';
export * from './units/region';
export * from './units/result';
export * from './units/time-of-day';
export * from './units/unit';
export * from './units/written-with';
export * from './units/zone';

// ledger: Entries, lots, replay, undo, merge: every gram and every cent has a place.
export * from './ledger/animal';
export * from './ledger/apply';
export * from './ledger/apply-packs';
export * from './ledger/apply-pieces';
export * from './ledger/apply-use';
export * from './ledger/destination';
export * from './ledger/draft';
export * from './ledger/entry';
export * from './ledger/gather';
export * from './ledger/id';
export * from './ledger/journal';
export * from './ledger/last-word';
export * from './ledger/leaves';
export * from './ledger/lot';
export * from './ledger/lots-of-entry';
export * from './ledger/make-lot';
export * from './ledger/malformation';
export * from './ledger/merge';
export * from './ledger/one-by-one';
export * from './ledger/opened';
export * from './ledger/refusal';
export * from './ledger/replay';
export * from './ledger/scale-tolerance';
export * from './ledger/stamp';
export * from './ledger/take';
export * from './ledger/told-at';
export * from './ledger/undo';

// optimise: Linear and whole programs.
export * from './optimise/program';
export * from './optimise/simplex';
export * from './optimise/whole-optimum';

// label: Digits, codes and paper.
export * from './label/check-digit';
export * from './label/edge-texture';
export * from './label/element-string';
export * from './label/label-content';
export * from './label/label-fonts';
export * from './label/label-layout';
export * from './label/label-pdf';
export * from './label/printing';
export * from './label/qr-text';
export * from './label/sheet';
export * from './label/shop-code';
export * from './label/shop-code-note';
export * from './label/short-number';
export * from './label/stretches';

// scale: What a scale says, and when it stands still.
export * from './scale/frame';
export * from './scale/frame-of';
export * from './scale/frame-reader';
export * from './scale/graduation';
export * from './scale/hands-free';
export * from './scale/reading';
export * from './scale/scale-source';
export * from './scale/simulated-scale';
export * from './scale/steadiness';

// catalogue: What can be bought: kinds, parts, ways to cut, drawings, shop items, words.
export * from './catalogue/bird-number';
export * from './catalogue/common-texts';
export * from './catalogue/cut-names';
export * from './catalogue/cooked-how';
export * from './catalogue/drawing';
export * from './catalogue/drawings';
export * from './catalogue/find-kinds';
export * from './catalogue/hand-work';
export * from './catalogue/kind-problems';
export * from './catalogue/kind-schema';
export * from './catalogue/kinds';
export * from './catalogue/lot-name';
export * from './catalogue/outline';
export * from './catalogue/mark-drawings';
export * from './catalogue/own-kind';
export * from './catalogue/own-kind-schema';
export * from './catalogue/own-kinds';
export * from './catalogue/parts-of-way';
export * from './catalogue/per-piece';
export * from './catalogue/safe-temperature';
export * from './catalogue/shop-items';
export * from './catalogue/temperatures';
export * from './catalogue/ways-by-family';
export * from './catalogue/with-schools';
export * from './catalogue/words';

// slice: Where to cut a log.
export * from './slice/aimed-slices';
export * from './slice/compare-plans';
export * from './slice/demand';
export * from './slice/equal-cuts';
export * from './slice/even-thickness';
export * from './slice/first-request';
export * from './slice/grid';
export * from './slice/kinds-of-wish';
export * from './slice/likely-range';
export * from './slice/lying';
export * from './slice/measured-with';
export * from './slice/monotone-cubic';
export * from './slice/move-station';
export * from './slice/paper-ruler';
export * from './slice/plan';
export * from './slice/profile';
export * from './slice/replan';
export * from './slice/rest-for';
export * from './slice/section';
export * from './slice/slices-request';
export * from './slice/solve';
export * from './slice/usual-log';
export * from './slice/usual-wish';
export * from './slice/what-changed';
export * from './slice/why-no-plan';
export * from './slice/wish';

// feast: Days around which shops' offers of meat move.
export * from './feast/feast-rule';
export * from './feast/feasts';
export * from './feast/known-feasts';

// price: Labels, and the price book.
export * from './price/best-seen';
export * from './price/complete-purchase';
export * from './price/discount';
export * from './price/exchange';
export * from './price/going-price';
export * from './price/how-low';
export * from './price/item-choice';
export * from './price/label-doubts';
export * from './price/label-total';
export * from './price/per-kg';
export * from './price/of-grade';
export * from './price/offers-together';
export * from './price/paid-abroad';
export * from './price/price-book';
export * from './price/price-note';
export * from './price/price-questions';
export * from './price/quote';
export * from './price/read-label';
export * from './price/sale-rhythm';
export * from './price/seen-span';
export * from './price/shop-alias';
export * from './price/shop-list';
export * from './price/standing-offer';

// cost: Who carries what was paid.
export * from './cost/carriers';
export * from './cost/cooked';
export * from './cost/cost-by-part';
export * from './cost/cost-of-lots';
export * from './cost/cost-settings';
export * from './cost/method';
export * from './cost/part-price';
export * from './cost/plates';
export * from './cost/share-paid';
export * from './cost/shop-worth';
export * from './cost/still-owed';
export * from './cost/working-costs';

// yield: Yield test, prediction, verdict.
export * from './yield/approximate-worth';
export * from './yield/beta';
export * from './yield/candidates';
export * from './yield/composition';
export * from './yield/draw-worth';
export * from './yield/even-money';
export * from './yield/gamma-draws';
export * from './yield/habit';
export * from './yield/minutes';
export * from './yield/piece-composition';
export * from './yield/prediction';
export * from './yield/room-for-slips';
export * from './yield/usual-range';
export * from './yield/verdict';
export * from './yield/yield-test';

// pack: The table, the trays, packs planned, stock.
export * from './pack/best-sums';
export * from './pack/better-packs';
export * from './pack/chosen';
export * from './pack/deal-plates';
export * from './pack/dive';
export * from './pack/each-packs';
export * from './pack/eater';
export * from './pack/eater-types';
export * from './pack/growing-program';
export * from './pack/half';
export * from './pack/halves-columns';
export * from './pack/heap-columns';
export * from './pack/listed';
export * from './pack/meal-kinds';
export * from './pack/meat-colour';
export * from './pack/out-of-place';
export * from './pack/pace';
export * from './pack/pack-meaning';
export * from './pack/pack-model';
export * from './pack/pack-out';
export * from './pack/pack-plan';
export * from './pack/pack-request';
export * from './pack/pack-splits';
export * from './pack/pack-state';
export * from './pack/pack-units';
export * from './pack/packs-of';
export * from './pack/packs-wanted';
export * from './pack/plan-packs';
export * from './pack/plate-columns';
export * from './pack/plated-columns';
export * from './pack/plan-told';
export * from './pack/plates-so-far';
export * from './pack/search-packs';
export * from './pack/shared-columns';
export * from './pack/sharing';
export * from './pack/stock';
export * from './pack/table';
export * from './pack/tray';
export * from './pack/trays';
export * from './pack/unit-rows';
export * from './pack/wrapping';

// board: What comes next at the bench, usual ranges.
export * from './board/against-last';
export * from './board/board-time';
export * from './board/clean-price';
export * from './board/likely-count';
export * from './board/may-be-rest';
export * from './board/next-part';
export * from './board/part-ranges';
export * from './board/parts-in-turn';
export * from './board/piece-note';
export * from './board/unit-in-doubt';
export * from './board/virtual-meat';
export * from './board/weight-question';

// freeze: Cold, room and time.
export * from './freeze/as-bought';
export * from './freeze/batch';
export * from './freeze/cold-clock';
export * from './freeze/cold-places';
export * from './freeze/drawer-picture';
export * from './freeze/freezing-time';
export * from './freeze/household-clocks';
export * from './freeze/keeping';
export * from './freeze/keeping-rules';
export * from './freeze/meat-properties';
export * from './freeze/pack-freezing';
export * from './freeze/place';
export * from './freeze/place-names';
export * from './freeze/power-cut';
export * from './freeze/ready-by';
export * from './freeze/room';
export * from './freeze/running-clock';
export * from './freeze/stock-take';
export * from './freeze/thawing-time';

// dinner: The week, thawing in time, what to buy.
export * from './dinner/at-table';
export * from './dinner/buy-next';
export * from './dinner/collections';
export * from './dinner/dinners';
export * from './dinner/dinners-left';
export * from './dinner/due-soon';
export * from './dinner/eating-habits';
export * from './dinner/meal';
export * from './dinner/plates-of';
export * from './dinner/propose-week';
export * from './dinner/reservation';
export * from './dinner/served-of';
export * from './dinner/take-out';
export * from './dinner/use-facts';
export * from './dinner/use-rate';
export * from './dinner/week';
export * from './dinner/which-piece';

// records: The household: its journal, and its registers.
export * from './records/change';
export * from './records/household';
export * from './records/identity';
export * from './records/join';
export * from './records/kinship';
export * from './records/record';
export * from './records/settings';
export * from './records/shop-names';
export * from './records/what-came';

// format: Figures written and read as the household does.
export * from './format/came-words';
export * from './format/candidate-words';
export * from './format/counted-words';
export * from './format/days';
export * from './format/describe-entry';
export * from './format/feast-words';
export * from './format/format';
export * from './format/label-words';
export * from './format/plural';
export * from './format/price-words';
export * from './format/read-day';
export * from './format/read-time';
export * from './format/readers';
export * from './format/typed';
export * from './format/typed-weight';
export * from './format/verdict-words';
export * from './format/which-words';

// books: What is told of a piece, a pack, a period.
export * from './books/after-correction';
export * from './books/basis-of';
export * from './books/clock-at';
export * from './books/comparison';
export * from './books/losses';
export * from './books/pack-label';
export * from './books/packed-from';
export * from './books/piece-summary';
export * from './books/slicing-so-far';
export * from './books/trend';

// said: A whole piece in a line, typed or dictated.
export * from './said/clauses';
export * from './said/number-words';
export * from './said/part-said';
export * from './said/said-line';
export * from './said/said-words';

// deeds: What a person does, ready to be written.
export * from './deeds/arrange-places';
export * from './deeds/buy';
export * from './deeds/change-settings';
export * from './deeds/correct-cut';
export * from './deeds/correct-piece';
export * from './deeds/cut-as-planned';
export * from './deeds/deed';
export * from './deeds/eat';
export * from './deeds/enter-pack';
export * from './deeds/freeze-again';
export * from './deeds/freeze-batch';
export * from './deeds/keep-list';
export * from './deeds/keep-pack';
export * from './deeds/label-date';
export * from './deeds/learn-sticker';
export * from './deeds/make-dinner';
export * from './deeds/move';
export * from './deeds/note-prices';
export * from './deeds/note-shop-item';
export * from './deeds/own-kind';
export * from './deeds/pack-names';
export * from './deeds/pack-as-said';
export * from './deeds/part-with';
export * from './deeds/plan-dinner';
export * from './deeds/questions';
export * from './deeds/serve';
export * from './deeds/set-printing';
export * from './deeds/settle-overdue';
export * from './deeds/split-pack';
export * from './deeds/take-back';
export * from './deeds/take-stock';
export * from './deeds/thaw';
export * from './deeds/undoing';
export * from './deeds/undo-at-board';
export * from './deeds/weigh';
export * from './deeds/weigh-into-pack';
export * from './deeds/work-on-piece';
export * from './deeds/wrap';

// exchange: The household’s file, CSV, calendar, PDF, reports.
export * from './exchange/ahead';
export * from './exchange/calendar';
export * from './exchange/copies-kept';
export * from './exchange/csv';
export * from './exchange/cut-list';
export * from './exchange/freezing-report';
export * from './exchange/household-file';
export * from './exchange/keeps-report';
export * from './exchange/packs-report';
export * from './exchange/prediction-report';
export * from './exchange/price-csv';
export * from './exchange/purchase-report';
export * from './exchange/read-file';
export * from './exchange/report';
export * from './exchange/ruler-pdf';
export * from './exchange/shift-days';
export * from './exchange/slices-report';
export * from './exchange/write-file';
