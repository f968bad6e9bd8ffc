import qrcode from 'qrcode-generator';

// The address as a code to photograph with the tablet.
const place = document.getElementById('code');
if (place) {
    const code = qrcode(0, 'M');
    code.addData(place.dataset.address);
    code.make();
    const count = code.getModuleCount();
    let path = '';
    for (let y = 0; y < count; y++) for (let x = 0; x < count; x++) if (code.isDark(y, x)) path += `M${x + 2} ${y + 2}h1v1h-1z`;
    place.innerHTML = `<svg viewBox="0 0 ${count + 4} ${count + 4}" width="240" height="240" role="img" aria-label="The address as a code to photograph" shape-rendering="crispEdges"><rect width="100%" height="100%" fill="#fff"/><path d="${path}" fill="#14212b"/></svg>`;
}
