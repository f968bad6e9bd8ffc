// The twin of core/Device: what a scale, a probe and a meter send, read in the browser so that it works without network.
// Both are held to the same table of byte strings by tests/Core/Device.
export class DeviceFault extends Error {}

const GRAMS = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 };
const MG_DL = 18.016;

const reader = (bytes) => {
    let at = 0;
    const uint = (length) => {
        if (at + length > bytes.length) throw new DeviceFault('The reading of the device ends too early.');
        let value = 0;
        for (let i = length - 1; i >= 0; i--) value = value * 256 + bytes[at + i];
        at += length;
        return value;
    };
    return { uint, int: (length) => { const v = uint(length); return v >= 2 ** (8 * length - 1) ? v - 2 ** (8 * length) : v; } };
};
const signed = (raw, bits) => (raw >= 2 ** (bits - 1) ? raw - 2 ** bits : raw);
const decimal = (mantissa, exponent, bits) => {
    const top = 2 ** (bits - 1);
    const said = exponent !== 0 ? undefined : new Map([[top - 1, 'is not a number'], [-top, 'is not at this resolution'], [top - 2, 'is above what it can measure'], [-top + 2, 'is below what it can measure'], [-top + 1, 'is reserved']]).get(mantissa);
    if (said) throw new DeviceFault(`The device says that the reading ${said}.`);
    return mantissa * 10 ** exponent;
};
const moment = (read) => {
    const [year, month, day, hours, minutes, seconds] = [read.uint(2), read.uint(1), read.uint(1), read.uint(1), read.uint(1), read.uint(1)];
    const date = new Date(Date.UTC(year, month - 1, day, hours, minutes, seconds));
    if (date.getUTCMonth() !== month - 1 || date.getUTCDate() !== day || hours > 23 || minutes > 59 || seconds > 59 || year < 1) throw new DeviceFault('The device says a time that does not exist.');
    return date;
};

export const weight = (bytes) => {
    const read = reader(bytes);
    const flags = read.uint(1);
    const steps = read.uint(2);
    if (steps === 0xffff) throw new DeviceFault('The scale could not weigh.');
    return { grams: flags & 1 ? steps * 0.01 * GRAMS.lb : steps * 5, stable: true };
};
export const line = (text) => {
    const said = text.replace(/^[\s\0\x02\x03]+|[\s\0\x02\x03]+$/g, '');
    if (/^OL\b/.test(said)) throw new DeviceFault('There is more on the scale than it can weigh.');
    const m = said.length > 40 ? null : /^(ST|US|QT)\s*,(?:\s*(?:GS|NT|TR)\s*,)?\s*([+-]?)\s*(\d{1,9}(?:\.\d{1,6})?)\s*(g|kg|oz|lb)$/i.exec(said);
    if (!m) throw new DeviceFault('The scale sent a line that is no weight.');
    return { grams: (m[2] === '-' ? -1 : 1) * Number(m[3]) * GRAMS[m[4].toLowerCase()], stable: m[1].toUpperCase() !== 'US' };
};
export const heat = (bytes) => {
    const read = reader(bytes);
    const isFahrenheit = (read.uint(1) & 1) === 1;
    const raw = read.uint(4);
    const value = decimal(signed(raw % 2 ** 24, 24), signed(Math.floor(raw / 2 ** 24), 8), 24);
    const celsius = isFahrenheit ? (value - 32) / 1.8 : value;
    if (celsius < -273.15 || celsius > 2000) throw new DeviceFault('The probe says a heat that cannot be.');
    return { celsius };
};
export const glucose = (bytes) => {
    const read = reader(bytes);
    const flags = read.uint(1);
    const sequence = read.uint(2);
    const date = moment(read);
    if (flags & 1) date.setUTCMinutes(date.getUTCMinutes() + read.int(2));
    if (!(flags & 2)) throw new DeviceFault('The meter sent a record without a value.');
    const raw = read.uint(2);
    const value = decimal(signed(raw % 4096, 12), signed(Math.floor(raw / 4096), 4), 12);
    return { mmol: flags & 4 ? value * 1000 : (value * 100000) / MG_DL, moment: date, sequence };
};

// What the drawn stand-ins send: the very same bytes and lines.
export const lineOf = (grams, stable) => `${stable ? 'ST' : 'US'},${grams < 0 ? '-' : '+'}${Math.abs(grams).toFixed(1).padStart(7, '0')}  g\r\n`;
export const heatOf = (celsius) => {
    const tenths = Math.round(celsius * 10);
    return new Uint8Array([0, tenths & 255, (tenths >> 8) & 255, (tenths >> 16) & 255, 255]);
};
export const glucoseOf = (mmol, moment, sequence) => {
    const [year, tenths] = [moment.getUTCFullYear(), Math.round(mmol * 10)];
    return new Uint8Array([6, sequence & 255, sequence >> 8, year & 255, year >> 8, moment.getUTCMonth() + 1, moment.getUTCDate(), moment.getUTCHours(), moment.getUTCMinutes(), moment.getUTCSeconds(), tenths & 255, (tenths >> 8) | 0xc0, 0x11]);
};
