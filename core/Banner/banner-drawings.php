<?php

/*
 * Drawings of our own in a square of 64: label, occasions they go with (keys of occasions.php), SVG. {a} is the ink
 * they are drawn in, {b} what stands out from it.
 */
$turned = fn (int $times, string $svg): string => implode('', array_map(
    fn (int $at) => '<g transform="rotate('.(360 * $at / $times).' 32 32)">'.$svg.'</g>', range(0, $times - 1),
));
$stroke = 'fill="none" stroke="{a}" stroke-linecap="round" stroke-linejoin="round"';

return [
    'sprig' => ['Sprig', [], '<path d="M32 60C32 40 33 24 38 8" '.$stroke.' stroke-width="2.5"/><path d="M33 44C22 44 '
        .'15 38 13 29c11-1 18 5 20 15zM34 34c11 0 18-6 20-15-11-1-18 5-20 15zM35 22c-8-1-13-6-14-13 9 0 13 5 14 13z" '
        .'fill="{a}"/>'],
    'sprout' => ['Sprouts', ['nowruz'], '<path d="M12 52h40l-4 8H16z" fill="{b}"/><path d="M18 52c0-12-4-20-8-24M25 '
        .'52c0-16-2-28-5-36M32 52V10M39 52c0-16 2-28 5-36M46 52c0-12 4-20 8-24" '.$stroke.' stroke-width="3.5"/>'],
    'heart' => ['Heart', ['valentine'], '<path d="M32 56C12 42 6 32 6 22 6 13 13 8 19 8c6 0 10 3 13 8 3-5 7-8 13-8 6 0 '
        .'13 5 13 14 0 10-6 20-26 34z" fill="{a}"/><path d="M15 22c0-4 3-7 6-7" fill="none" stroke="{b}" '
        .'stroke-width="3" stroke-linecap="round"/>'],
    'flower' => ['Flower', ['women', 'mothering-sunday', 'mothers', 'st-david'],
        $turned(6, '<ellipse cx="32" cy="15" rx="8" ry="12" fill="{a}"/>').'<circle cx="32" cy="32" r="8" '
            .'fill="{b}"/>'],
    'egg' => ['Egg', ['easter', 'orthodox-easter'], '<path d="M32 5c12 0 21 18 21 32S44 60 32 60 11 51 11 37 20 5 32 '
        .'5z" fill="{a}"/><path d="M12 32l7-6 7 6 6-6 6 6 7-6 7 6M12 44l7-6 7 6 6-6 6 6 7-6 7 6" fill="none" '
        .'stroke="{b}" stroke-width="3"/>'],
    'star' => ['Star', ['new-year', 'epiphany'], '<path d="M32 4l8 19 20 2-15 13 5 20-18-11-18 11 5-20L4 25l20-2z" '
        .'fill="{a}"/>'],
    'sparks' => ['Sparks', ['new-years-eve', 'bonfire', 'independence', 'canada', 'bastille'],
        $turned(12, '<path d="M32 22V8" '.$stroke.' stroke-width="2.5"/><circle cx="32" cy="3.5" r="2" '
            .'fill="{b}"/>')],
    'lantern' => ['Lantern', ['lunar-new-year', 'mid-autumn'], '<path d="M32 4v8M32 50v10M28 60h8" '.$stroke.' '
        .'stroke-width="2.5"/><rect x="22" y="11" width="20" height="5" rx="1" fill="{b}"/><ellipse cx="32" cy="31" '
        .'rx="22" ry="16" fill="{a}"/><path d="M32 15v32M22 17c-5 8-5 20 0 28M42 17c5 8 5 20 0 28" fill="none" '
        .'stroke="{b}" stroke-width="2"/><rect x="22" y="46" width="20" height="5" rx="1" fill="{b}"/>'],
    'crescent' => ['Crescent', ['ramadan', 'eid-al-fitr', 'eid-al-adha'], '<path d="M40 6a27 27 0 1 0 16 38A22 22 0 0 '
        .'1 40 6z" fill="{a}"/><path d="M50 16l2.5 6 6.5.5-5 4 1.7 6.5L50 29.5 44.3 33l1.7-6.5-5-4 '
        .'6.5-.5z" fill="{b}"/>'],
    'candles' => ['Nine candles', ['hanukkah'], '<path d="M32 20v36M20 60h24M8 26c0 22 48 22 48 0M15 26c0 16 34 16 34 '
        .'0M22 26c0 10 20 10 20 0" '.$stroke.' stroke-width="2.5"/><g fill="{b}"><circle cx="8" cy="19" '
        .'r="2.5"/><circle cx="15" cy="19" r="2.5"/><circle cx="22" cy="19" r="2.5"/><circle cx="32" cy="12" '
        .'r="3"/><circle cx="42" cy="19" r="2.5"/><circle cx="49" cy="19" r="2.5"/><circle cx="56" cy="19" '
        .'r="2.5"/></g>'],
    'candle' => ['Candle', ['advent', 'all-saints', 'remembrance'], '<path d="M24 26h16v32H24z" fill="{a}"/><path '
        .'d="M32 5c6 7 7 11 7 14a7 7 0 0 1-14 0c0-3 1-7 7-14z" fill="{b}"/><path d="M16 58h32" '.$stroke.' '
        .'stroke-width="3"/>'],
    'apple' => ['Apple', ['rosh-hashanah'], '<path d="M32 20c-6-5-22-4-22 14 0 14 10 26 16 26 3 0 4-1 6-1s3 1 6 1c6 0 '
        .'16-12 16-26 0-18-16-19-22-14z" fill="{a}"/><path d="M32 20c0-7 2-11 6-15" '.$stroke.' '
        .'stroke-width="2.5"/><path d="M36 14c3-6 9-8 14-7-1 6-7 9-14 7z" fill="{b}"/>'],
    'clover' => ['Clover', ['st-patrick'], '<path d="M32 34c1 10 3 18 9 26" '.$stroke.' stroke-width="3"/>'
        .$turned(3, '<path d="M32 32C22 26 20 18 23 13c3-4 8-3 9 1 1-4 6-5 9-1 3 5 1 13-9 19z" fill="{a}"/>')],
    'drop' => ['Drop', ['water'], '<path d="M32 4c14 18 19 26 19 36a19 19 0 0 1-38 0C13 30 18 22 32 4z" '
        .'fill="{a}"/><path d="M22 40a10 10 0 0 0 8 10" fill="none" stroke="{b}" stroke-width="3" '
        .'stroke-linecap="round"/>'],
    'globe' => ['Globe', ['earth', 'environment'], '<circle cx="32" cy="32" r="26" fill="{a}"/><path d="M6 32h52M32 '
        .'6c-16 14-16 38 0 52M32 6c16 14 16 38 0 52M10 19h44M10 45h44" fill="none" stroke="{b}" stroke-width="2"/>'],
    'sun' => ['Sun', ['midsummer', 'early-may', 'spring-holiday', 'summer-holiday'], '<circle cx="32" cy="32" r="14" '
        .'fill="{a}"/>'.$turned(8, '<path d="M32 12V4" '.$stroke.' stroke-width="3.5"/>')],
    'cap' => ['Cap', ['back-to-school'], '<path d="M32 12L4 25l28 13 28-13z" fill="{a}"/><path d="M16 34v12c8 8 24 8 '
        .'32 0V34l-16 8z" fill="{a}"/><path d="M54 28v18" fill="none" stroke="{b}" stroke-width="2.5"/><circle cx="54" '
        .'cy="49" r="3.5" fill="{b}"/>'],
    'pumpkin' => ['Pumpkin', ['halloween'], '<path d="M30 18c0-6 1-9 5-12l5 3c-4 2-5 5-5 9z" fill="{b}"/><g '
        .'fill="{a}"><ellipse cx="32" cy="38" rx="12" ry="20"/><ellipse cx="19" cy="39" rx="12" ry="18"/><ellipse '
        .'cx="45" cy="39" rx="12" ry="18"/></g><path d="M25 22c-6 9-6 24 0 33M39 22c6 9 6 24 0 33" fill="none" '
        .'stroke="{b}" stroke-width="1.5"/>'],
    'leaf' => ['Autumn leaf', ['thanksgiving-us', 'thanksgiving-ca'], '<path d="M32 4l7 11 8-3-2 12 13-1-5 10 6 '
        .'6-14 4 2 7-12-2-2 2h-2l-2-2-12 2 2-7-14-4 6-6-5-10 13 1-2-12 8 3z" fill="{a}"/><path d="M32 60V24M32 40l10-9'
        .'M32 40l-10-9" fill="none" stroke="{b}" stroke-width="2" stroke-linecap="round"/>'],
    'tag' => ['Price tag', ['black-friday', 'singles', 'small-business'], '<path d="M6 8h26l27 27a4 4 0 0 1 0 5L40 59'
        .'a4 4 0 0 1-5 0L6 32z" fill="{a}"/><circle cx="17" cy="19" r="4.5" fill="{b}"/><path d="M28 42l14-8M31 '
        .'33h.1M40 43h.1" fill="none" stroke="{b}" stroke-width="3.5" stroke-linecap="round"/>'],
    'tree' => ['Tree', ['christmas'], '<path d="M32 8L20 24h6L14 38h8L10 52h44L42 38h8L38 24h6z" fill="{a}"/><path '
        .'d="M28 52h8v8h-8z" fill="{b}"/><path d="M32 2l2 4.5 5 .5-4 3 1.5 5-4.5-3-4.5 3L29 10l-4-3 5-.5z" '
        .'fill="{b}"/>'],
    'gift' => ['Parcel', ['st-nicholas'], '<path d="M8 26h48v32H8z" fill="{a}"/><path d="M5 17h54v11H5z" '
        .'fill="{a}"/><path d="M28 17h8v41h-8z" fill="{b}"/><path d="M32 17C22 17 17 13 20 8c3-4 10-1 12 9 2-10 9-13 '
        .'12-9 3 5-2 9-12 9z" fill="none" stroke="{b}" stroke-width="3"/>'],
    'snow' => ['Snow crystal', [], $turned(6, '<path d="M32 32V5M32 14l-6-5M32 14l6-5M32 22l-5-4M32 22l5-4" '.$stroke
        .' stroke-width="2.5"/>')],
    'crown' => ['Crown', ['kings-day'], '<path d="M8 50L5 20l15 12L32 10l12 22 15-12-3 30z" fill="{a}"/><path d="M9 '
        .'53h46v6H9z" fill="{b}"/><g fill="{b}"><circle cx="5" cy="18" r="3"/><circle cx="32" cy="8" r="3"/><circle '
        .'cx="59" cy="18" r="3"/></g>'],
    'bunting' => ['Bunting', ['labour', 'us-labor', 'memorial', 'german-unity', 'st-george'], '<path d="M2 14c16 12 44 '
        .'12 60 0" '.$stroke.' stroke-width="2"/><path d="M6 17l13 5-9 13zM45 22l13-5-4 18z" fill="{a}"/><path '
        .'d="M24 23h16l-8 16z" fill="{b}"/>'],
    'mask' => ['Mask', ['carnival'], '<path d="M4 22c10-6 20-4 28 1 8-5 18-7 28-1 1 16-8 24-18 24-5 0-8-4-10-7-2 3-5 '
        .'7-10 7C12 46 3 38 4 22z" fill="{a}"/><path d="M13 29c4-4 9-3 12 2-4 4-9 3-12-2zM51 29c-4-4-9-3-12 2 4 4 9 3 '
        .'12-2z" fill="{b}"/>'],
    'kite' => ['Kite', ['fathers'], '<path d="M40 4L14 22l12 24 28-14z" fill="{a}"/><path d="M40 4L26 46M14 22l40 10" '
        .'fill="none" stroke="{b}" stroke-width="2"/><path d="M26 46c-4 6 4 8 0 15" '.$stroke.' stroke-width="2"/>'],
    'wind' => ['Pennant', ['ascension', 'pentecost'], '<path d="M10 6v54" '.$stroke.' stroke-width="3"/><path d="M12 '
        .'10c14-6 24 8 44 2-6 6-6 12 0 18-20 6-30-8-44-2z" fill="{a}"/>'],
];
