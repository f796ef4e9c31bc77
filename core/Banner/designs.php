<?php

use InkyCard\Banner\Design;
use InkyCard\Banner\DesignForm;

/*
 * Designs of banners, our own: words alone, words with a picture, words with a drawing; each as a strip and as what is
 * nearer to a square.
 */
$inks = fn (string $headline, ?string $line = null, ?string $call = null): array => [
    'headline' => $headline, 'line' => $line ?? $headline, 'call' => $call ?? $headline,
];
$onLight = $inks('words', 'words', 'accent');
$onDark = $inks('bright');

return [
    // Words alone.
    new Design('ribbon-end', 'Ribbon end', 'words',
        new DesignForm('tint', [0.045, 0.1, 0.6, 0.8], $onLight, [
            ['poly', 'accent', [0.76, 0, 1, 0, 1, 1, 0.68, 1]], ['poly', 'second', [0.93, 0, 1, 0, 1, 1, 0.85, 1]],
        ]),
        new DesignForm('tint', [0.08, 0.08, 0.84, 0.66], $onLight, [
            ['poly', 'accent', [0, 0.9, 1, 0.8, 1, 1, 0, 1]], ['poly', 'second', [0.5, 0.93, 1, 0.88, 1, 1, 0.5, 1]],
        ]),
    ),
    new Design('dark-bed', 'Dark bed', 'words',
        new DesignForm('deep', [0.06, 0.1, 0.7, 0.8], $onDark, [
            ['rect', 'accent', 0, 0, 0.022, 1], ['ring', 'bright', 0.9, 0.5, 0.34, 0.02],
            ['ring', 'bright', 0.9, 0.5, 0.22, 0.02], ['disc', 'accent', 0.9, 0.5, 0.09],
        ]),
        new DesignForm('deep', [0.09, 0.1, 0.84, 0.6], $onDark, [
            ['rect', 'accent', 0, 0, 0.03, 1], ['ring', 'bright', 0.86, 0.86, 0.1, 0.012],
            ['disc', 'accent', 0.86, 0.86, 0.04],
        ]),
    ),
    new Design('two-rules', 'Two rules', 'words',
        new DesignForm('paper', [0.04, 0.12, 0.92, 0.76], $onLight, [
            ['rect', 'accent', 0, 0, 1, 0.04], ['rect', 'accent', 0, 0.96, 1, 0.04],
        ]),
        new DesignForm('paper', [0.06, 0.08, 0.88, 0.84], $onLight, [
            ['rect', 'accent', 0, 0, 1, 0.025], ['rect', 'accent', 0, 0.975, 1, 0.025],
        ]),
    ),
    new Design('counter', 'Counter', 'words',
        new DesignForm('tint', [0.04, 0.12, 0.92, 0.76], $inks('words', 'words', 'bright'), [
            ['rect', 'second', 0, 0.94, 1, 0.06],
        ], button: 'deep'),
        new DesignForm('tint', [0.08, 0.08, 0.84, 0.8], $inks('words', 'words', 'bright'), [
            ['rect', 'second', 0, 0.96, 1, 0.04],
        ], button: 'deep'),
    ),
    new Design('stub', 'Stub', 'words',
        new DesignForm('accent', [0.05, 0.12, 0.88, 0.76], $onDark, [
            ['disc', 'paper', 0, 0.5, 0.12], ['disc', 'paper', 1, 0.5, 0.12],
            ['ring', 'accent', 0, 0.5, 0.12, 0.02],
        ], align: 'center'),
        new DesignForm('accent', [0.1, 0.08, 0.8, 0.84], $onDark, [
            ['disc', 'paper', 0, 0.5, 0.07], ['disc', 'paper', 1, 0.5, 0.07],
        ], align: 'center'),
    ),
    new Design('corner', 'Turned corner', 'words',
        new DesignForm('paper', [0.04, 0.12, 0.8, 0.76], $onLight, [
            ['rect', 'faint', 0, 0, 1, 0.02], ['rect', 'faint', 0, 0.98, 1, 0.02], ['rect', 'faint', 0, 0, 0.004, 1],
            ['rect', 'faint', 0.996, 0, 0.004, 1], ['poly', 'accent', [0.88, 0, 1, 0, 1, 0.6]],
            ['poly', 'deep', [0.88, 0, 0.88, 0.6, 1, 0.6]],
        ]),
        new DesignForm('paper', [0.08, 0.2, 0.84, 0.72], $onLight, [
            ['rect', 'faint', 0, 0, 1, 0.01], ['rect', 'faint', 0, 0.99, 1, 0.01], ['rect', 'faint', 0, 0, 0.008, 1],
            ['rect', 'faint', 0.992, 0, 0.008, 1], ['poly', 'accent', [0.84, 0, 1, 0, 1, 0.19]],
            ['poly', 'deep', [0.84, 0, 0.84, 0.19, 1, 0.19]],
        ]),
    ),
    new Design('notice', 'Notice board', 'words',
        new DesignForm('deep', [0.06, 0.14, 0.88, 0.72], $inks('bright', 'bright', 'words'), [
            ['line', 'bright', 0.012, 0.06, 0.988, 0.06, 0.012], ['line', 'bright', 0.012, 0.94, 0.988, 0.94, 0.012],
        ], align: 'center', button: 'tint', capitals: true),
        new DesignForm('deep', [0.08, 0.12, 0.84, 0.76], $inks('bright', 'bright', 'words'), [
            ['line', 'bright', 0.03, 0.035, 0.97, 0.035, 0.008], ['line', 'bright', 0.03, 0.965, 0.97, 0.965, 0.008],
        ], align: 'center', button: 'tint', capitals: true),
    ),
    // Words with a picture.
    new Design('window', 'Window', 'picture',
        new DesignForm('paper', [0.42, 0.1, 0.55, 0.8], $onLight, [['rect', 'accent', 0.385, 0, 0.008, 1]],
            picture: [0, 0, 0.385, 1]),
        new DesignForm('paper', [0.07, 0.52, 0.86, 0.43], $onLight, [['rect', 'accent', 0, 0.475, 1, 0.02]],
            picture: [0, 0, 1, 0.475]),
    ),
    new Design('slant', 'Slant', 'picture',
        new DesignForm('deep', [0.04, 0.1, 0.54, 0.8], $onDark, [
            ['poly', 'accent', [0.67, 0, 0.685, 0, 0.605, 1, 0.59, 1]],
        ], picture: [0.6, 0, 0.4, 1], cut: 'slant'),
        new DesignForm('deep', [0.07, 0.53, 0.86, 0.42], $onDark, [], picture: [0, 0, 1, 0.5]),
    ),
    new Design('porthole', 'Porthole', 'picture',
        new DesignForm('tint', [0.245, 0.1, 0.72, 0.8], $onLight, [['ring', 'accent', 0.115, 0.5, 0.43, 0.04]],
            picture: [0.115, 0.5, 0.41, 0], cut: 'round'),
        new DesignForm('tint', [0.07, 0.5, 0.86, 0.44], $onLight, [['ring', 'accent', 0.5, 0.25, 0.205, 0.02]],
            align: 'center', picture: [0.5, 0.25, 0.195, 0], cut: 'round'),
    ),
    new Design('wide-view', 'Wide view', 'picture',
        new DesignForm('deep', [0.045, 0.1, 0.62, 0.8], $onDark, picture: [0, 0, 1, 1], veil: 'deep'),
        new DesignForm('deep', [0.07, 0.42, 0.86, 0.53], $onDark, picture: [0, 0, 1, 1], veil: 'deep'),
    ),
    new Design('label', 'Label', 'picture',
        new DesignForm('paper', [0.06, 0.17, 0.44, 0.66], $onLight, [['rect', 'paper', 0.03, 0.1, 0.5, 0.8]],
            picture: [0, 0, 1, 1]),
        new DesignForm('paper', [0.12, 0.5, 0.76, 0.4], $onLight, [['rect', 'paper', 0.06, 0.46, 0.88, 0.48]],
            picture: [0, 0, 1, 1]),
    ),
    // Words with a drawing.
    new Design('rolling-ground', 'Rolling ground', 'drawing',
        new DesignForm('tint', [0.045, 0.08, 0.58, 0.84], $onLight, [
            ['hill', 'second', 0.66, 0.5, 0.42], ['hill', 'deep', 0.8, 0.36, 0.3],
        ], drawings: [[0.88, 0.4, 0.56, 'accent', 'paper']]),
        new DesignForm('tint', [0.08, 0.06, 0.84, 0.56], $onLight, [
            ['hill', 'second', -0.1, 0.9, 0.2], ['hill', 'deep', 0.4, 0.9, 0.16],
        ], drawings: [[0.8, 0.77, 0.28, 'accent', 'paper']]),
    ),
    new Design('scattered', 'Scattered', 'drawing',
        new DesignForm('faint', [0.045, 0.1, 0.6, 0.8], $onLight, drawings: [
            [0.72, 0.3, 0.34, 'accent', 'paper'], [0.81, 0.72, 0.42, 'second', 'paper'],
            [0.9, 0.28, 0.46, 'accent', 'paper'], [0.97, 0.78, 0.3, 'second', 'paper'],
        ]),
        new DesignForm('faint', [0.08, 0.06, 0.84, 0.6], $onLight, drawings: [
            [0.14, 0.84, 0.18, 'accent', 'paper'], [0.4, 0.82, 0.22, 'second', 'paper'],
            [0.66, 0.85, 0.16, 'accent', 'paper'], [0.88, 0.82, 0.2, 'second', 'paper'],
        ]),
    ),
    new Design('medallion', 'Medallion', 'drawing',
        new DesignForm('paper', [0.24, 0.1, 0.72, 0.8], $onLight, [
            ['rect', 'accent', 0, 0, 0.2, 1], ['disc', 'paper', 0.1, 0.5, 0.38],
        ], drawings: [[0.1, 0.5, 0.5, 'accent', 'second']]),
        new DesignForm('paper', [0.07, 0.45, 0.86, 0.5], $onLight, [
            ['rect', 'accent', 0, 0, 1, 0.2], ['disc', 'paper', 0.5, 0.21, 0.19],
        ], align: 'center', drawings: [[0.5, 0.215, 0.24, 'accent', 'second']]),
    ),
    new Design('frieze', 'Frieze', 'drawing',
        new DesignForm('deep', [0.05, 0.08, 0.9, 0.6], $onDark, [['rect', 'accent', 0, 0.75, 1, 0.25]],
            align: 'center', drawings: array_map(
                fn (int $at) => [0.05 + 0.1 * $at, 0.875, 0.18, 'bright', 'deep'], range(0, 9),
            )),
        new DesignForm('deep', [0.07, 0.06, 0.86, 0.7], $onDark, [['rect', 'accent', 0, 0.82, 1, 0.18]],
            align: 'center', drawings: array_map(
                fn (int $at) => [0.1 + 0.2 * $at, 0.91, 0.13, 'bright', 'deep'], range(0, 4),
            )),
    ),
    new Design('furrows', 'Furrows', 'drawing',
        new DesignForm('tint', [0.045, 0.1, 0.58, 0.8], $onLight, [
            ...array_map(fn (int $at) => ['line', 'second', 0.72 + 0.05 * $at, 0, 0.64 + 0.05 * $at, 1, 0.025],
                range(0, 7)),
            ['disc', 'paper', 0.86, 0.5, 0.4],
        ], drawings: [[0.86, 0.5, 0.52, 'accent', 'second']]),
        new DesignForm('tint', [0.08, 0.06, 0.84, 0.55], $onLight, [
            ...array_map(fn (int $at) => ['line', 'second', 0.1 * $at, 0.66, 0.1 * $at - 0.14, 1, 0.012], range(0, 11)),
            ['disc', 'paper', 0.5, 0.82, 0.15],
        ], drawings: [[0.5, 0.82, 0.2, 'accent', 'second']]),
    ),
];
