// Reads lines of JSON strings on standard input and prints what the parser makes of each; with --time, how many a second.
import { parseIngredient } from 'parse-ingredient';
import { readFileSync } from 'node:fs';

const lines = readFileSync(0, 'utf8').trim().split('\n').map((l) => JSON.parse(l));
if (process.argv[2] === '--time') {
    for (let i = 0; i < 5; i++) for (const line of lines) parseIngredient(line);
    const start = process.hrtime.bigint();
    for (let i = 0; i < 10; i++) for (const line of lines) parseIngredient(line);
    console.log((lines.length * 10) / (Number(process.hrtime.bigint() - start) / 1e9));
} else {
    for (const line of lines) {
        const [one] = parseIngredient(line);
        console.log(JSON.stringify(one ? { low: one.quantity, high: one.quantity2, unit: one.unitOfMeasureID } : {}));
    }
}
