<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** The card as code people can read: a line for every element. */
final class PrettySource implements Format
{
    public function key(): string
    {
        return 'pretty';
    }

    public function label(): string
    {
        return 'Source, indented';
    }

    public function build(Parcel $parcel): Artifact
    {
        $depth = 0;
        $lines = [];
        // Elements of the table structure alone get lines of their own: white space within a line of text would be
        // seen.
        foreach (
            preg_split(
                '~(?<=>)(?=</?(?:table|tr|td|img)\b)|(?<=<tr>)|(?<=</td>)|(?<=</table>)~', $parcel->html(), -1,
                PREG_SPLIT_NO_EMPTY,
            )
            ?: [] as $part
        ) {
            $closes = preg_match('~^</(?:table|tr)>~', $part) === 1;
            $depth -= $closes ? 1 : 0;
            $lines[] = str_repeat('  ', max(0, $depth)).$part;
            $depth += preg_match('~^<(?:table|tr)\b~', $part) === 1 ? 1 : 0;
        }

        return Artifact::file($parcel->slug().'-readable.html', 'text/html; charset=utf-8', implode("\n", $lines)."\n");
    }
}
