// A glucose meter beside the form of a curve: each reading becomes a line of it, minutes after the first and mmol/L.
import Alpine from '@alpinejs/csp';
import { DeviceFault, glucose, glucoseOf } from './devices.js';

Alpine.data('meter', () => ({
    first: null, minutes: 0, sequence: 0, value: 5.2, said: '', canConnect: 'bluetooth' in navigator,
    take(bytes) {
        try {
            const reading = glucose(bytes);
            const lines = this.$root.closest('form').querySelector('#readings');
            this.first ??= reading.moment;
            const minute = Math.round((reading.moment - this.first) / 60000);
            lines.value = `${lines.value.replace(/\s*$/, '')}\n${minute} ${reading.mmol.toFixed(1)}`.trimStart();
            lines.dispatchEvent(new Event('input', { bubbles: true }));
            this.said = `${minute} min: ${reading.mmol.toFixed(1)} mmol/L`;
        } catch (fault) {
            if (!(fault instanceof DeviceFault)) throw fault;
            this.said = fault.message;
        }
    },
    move() { this.value = Number(this.$refs.value.value); },
    draw() {
        this.take(glucoseOf(this.value, new Date(Date.UTC(2026, 0, 1, 8, this.minutes)), ++this.sequence));
        this.minutes += 15;
    },
    async connect() {
        try {
            const device = await navigator.bluetooth.requestDevice({ filters: [{ services: [0x1808] }] });
            const service = await (await device.gatt.connect()).getPrimaryService(0x1808);
            const measured = await service.getCharacteristic(0x2a18);
            measured.addEventListener('characteristicvaluechanged', ({ target }) => this.take(new Uint8Array(target.value.buffer)));
            await measured.startNotifications();
            // Record Access Control Point: report all stored records.
            await (await service.getCharacteristic(0x2a52)).writeValue(new Uint8Array([1, 1]));
        } catch (fault) {
            this.said = fault instanceof DOMException ? 'The meter could not be reached.' : String(fault.message);
        }
    },
}));
