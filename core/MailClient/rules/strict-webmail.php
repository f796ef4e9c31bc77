<?php

// Keeps a list of attributes and properties and throws the rest away; settings take 10,000 characters of signature.
return [
    'label' => 'Strict webmail',
    'about' => 'A webmail that keeps what is on its list and throws away the rest, and whose settings take 10,000 characters.',
    'nearest' => 'Gmail on the web',
    'styles' => 'dropped',
    'rules' => [
        ['value' => '/\b(?:ok)?l(?:ch|ab)\(/i', 'takes' => 'style', 'says' => 'one colour costs an element all its styles', 'harms' => true, 'from' => ['lch(), oklch(), lab(), oklab()', '2023-01-18']],
        ['value' => '/\brgba?\(\s*[\d.%]+\s+[\d.%]/i', 'takes' => 'style', 'says' => 'one colour costs an element all its styles', 'harms' => true, 'from' => ['rgb()', '2021-05-14']],
        ['property' => ['position', 'top', 'right', 'bottom', 'left', 'z-index'], 'says' => 'placing is ignored', 'harms' => true, 'from' => ['position', '2021-05-16']],
        ['property' => 'transform', 'says' => 'turning and scaling is ignored', 'harms' => true, 'from' => ['transform', '2019-02-28']],
        ['property' => 'box-shadow', 'says' => 'shadows are gone', 'harms' => false, 'from' => ['box-shadow', '2023-12-20']],
        ['property' => ['margin', 'margin-top', 'margin-right', 'margin-bottom', 'margin-left'], 'if' => '/-\d/', 'says' => 'negative margins are gone', 'harms' => true, 'from' => ['margin', '2019-10-01']],
        ['property' => ['mso-line-height-rule', 'mso-hide', 'mso-padding-alt', 'mso-table-lspace', 'mso-table-rspace'], 'says' => 'what is for the Word engine is left out', 'from' => 'guess'],
        ['value' => '/url\(/i', 'of' => ['background', 'background-image', 'list-style', 'list-style-image', 'content'], 'says' => 'a picture behind words is gone in settings', 'harms' => true, 'from' => 'guess'],
        ['attribute' => ['class', 'id', 'name'], 'says' => 'names of elements are renamed or gone', 'from' => 'guess'],
        ['attribute' => 'target', 'says' => 'links open where the client wants', 'from' => ['target attribute', '2021-12-28']],
        ['attribute' => ['hidden', 'srcset', 'sizes'], 'says' => 'hiding and picture sets are ignored', 'harms' => true, 'from' => ['hidden attribute', '2024-01-26']],
        ['attribute' => 'background', 'says' => 'a picture behind words is gone in settings', 'harms' => true, 'from' => 'guess'],
        ['element' => ['button', 'form', 'details', 'summary', 'picture', 'main', 'nav', 'article', 'section', 'aside', 'header', 'footer', 'figure', 'figcaption'], 'says' => 'an element it does not know is opened up', 'harms' => false, 'from' => ['<button type=submit>', '2019-09-10']],
        ['picture' => 'data', 'says' => 'pictures inside the code are not shown', 'harms' => true, 'from' => ['data: URI (base64) images', '2020-02-06']],
        ['picture' => 'svg', 'says' => 'SVG pictures are not shown', 'harms' => true, 'from' => ['SVG file', '2023-01-15']],
        ['picture' => 'webp', 'says' => 'WebP becomes a still JPEG', 'still' => true, 'from' => ['WebP', '2021-02-06']],
        ['whole' => 'styles', 'says' => 'style sheets are ignored', 'from' => ['<style> in the head', '2023-07-27']],
        ['whole' => 'limit', 'most' => 10000, 'says' => 'longer than its settings take', 'harms' => true, 'from' => 'guess'],
        ['whole' => 'clip', 'most' => 102400, 'says' => 'long messages are cut', 'harms' => true, 'from' => 'guess'],
    ],
];
