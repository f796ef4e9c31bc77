<?php

namespace InkyCard\Card\Kind;

/**
 * Wording of our own to start from. Notices are no legal advice: whoever takes one has it checked, and each says so in
 * square brackets, which the proof finds for as long as they are there.
 */
final class ReadyWords
{
    public const CLOSINGS = [
        'Warmly,', 'Kind regards,', 'With thanks,', 'All good wishes,', 'Until soon,', 'Looking forward,', 'Yours,',
        'Gratefully,', 'Speak soon,', 'With care,',
    ];

    public const NOTICES = [
        'This message is for the person it is addressed to. If it reached you by mistake, tell us and delete it. '
            .'Checked by [your name].',
        'What is written here is general and no advice on your own case: ask us before you act on it. Checked by '
            .'[your name].',
        'We answer on working days. If it cannot wait, please ring [your number].',
        'How we look after what you send us: [your website]',
        'Please think of the paper before you print this.',
    ];
}
