<?php

// As seen when it darkens a message: backgrounds go, and text that was white stays white.
return [
    'like' => 'open-desktop',
    'label' => 'Open-source desktop, dark',
    'about' => 'The same darkening a message: it takes background colours away and lifts what would be too dark.',
    'dropsBackgrounds' => true,
    'rules' => [],
];
