<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\ArtifactFile;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/**
 * The three files a desktop program of the Word engine looks for in its signature folder, with scripts that put them
 * there and overwrite nothing.
 */
final class SignatureFolder implements Format
{
    /** Names are what the script finds beside it, never part of its code: nothing somebody called a card can run. */
    private const POWERSHELL = <<<'TEXT'
    # Puts the signature beside this script into the signature folder of this Windows account. It copies files and does
    # nothing else; a signature of the same name stays, the new one gets a number.
    $ErrorActionPreference = 'Stop'
    $from = Split-Path -Parent $MyInvocation.MyCommand.Path
    $to = Join-Path $env:APPDATA 'Microsoft\Signatures'
    New-Item -ItemType Directory -Force -Path $to | Out-Null
    $called = (Get-ChildItem -LiteralPath $from -Filter '*.htm' | Select-Object -First 1).BaseName
    $pictures = (Get-ChildItem -LiteralPath $from -Filter '*_files' -Directory | Select-Object -First 1).Name
    $slug = ([string] $pictures) -replace '_files$', ''
    $name = $called
    $files = $pictures
    $number = 1
    while ((Test-Path -LiteralPath (Join-Path $to ($name + '.htm'))) -or
            (Test-Path -LiteralPath (Join-Path $to ($name + '.txt'))) -or
            ($pictures -and (Test-Path -LiteralPath (Join-Path $to $files)))) {
        $number++
        $name = $called + ' ' + $number
        $files = $slug + '-' + $number + '_files'
    }
    $html = [IO.File]::ReadAllText((Join-Path $from ($called + '.htm')), [Text.Encoding]::UTF8)
    if ($pictures) {
        $html = $html.Replace($pictures + '/', $files + '/')
        Copy-Item -Recurse -LiteralPath (Join-Path $from $pictures) -Destination (Join-Path $to $files)
    }
    [IO.File]::WriteAllText((Join-Path $to ($name + '.htm')), $html, (New-Object Text.UTF8Encoding $true))
    Copy-Item -LiteralPath (Join-Path $from ($called + '.txt')) -Destination (Join-Path $to ($name + '.txt'))
    Write-Host ('Placed as ' + $name + '. Quit the mail program, start it again, and choose it in its settings.')

    TEXT;

    private const SHELL = <<<'TEXT'
    #!/bin/sh
    # Puts the signature beside this script into a folder you name, for a mail program that reads them from files:
    #   sh install.sh "/path/to/the/signature folder"
    # It copies files and does nothing else; a signature of the same name stays, the new one gets a number.
    set -eu
    from=$(cd "$(dirname "$0")" && pwd)
    to=${1:?Name the signature folder: sh install.sh /path/to/folder}
    mkdir -p -- "$to"
    for page in "$from"/*.htm; do called=${page##*/} && called=${called%.htm}; done
    pictures=''
    for folder in "$from"/*_files; do if [ -d "$folder" ]; then pictures=${folder##*/}; fi; done
    name=$called
    files=$pictures
    number=1
    while [ -e "$to/$name.htm" ] || [ -e "$to/$name.txt" ] || { [ -n "$pictures" ] && [ -e "$to/$files" ]; }; do
        number=$((number + 1))
        name="$called $number"
        files="${pictures%_files}-${number}_files"
    done
    if [ -n "$pictures" ]; then
        sed "s|$pictures/|$files/|g" "$from/$called.htm" > "$to/$name.htm"
        cp -R "$from/$pictures" "$to/$files"
    else
        cp "$from/$called.htm" "$to/$name.htm"
    fi
    cp "$from/$called.txt" "$to/$name.txt"
    printf 'Placed as %s. Quit the mail program, start it again, and choose it in its settings.\n' "$name"

    TEXT;

    private const README = <<<'TEXT'
    @name@

    On Windows: right-click install.ps1, Run with PowerShell. Or by hand: press Windows and R, type
    %APPDATA%\Microsoft\Signatures and press Enter; copy @name@.htm, @name@.txt and the folder
    @slug@_files there. Where one of that name is there already, keep it, and let install.ps1 find free names:
    the .htm file says what its pictures' folder is called, so renaming by hand loses the pictures.

    Then quit the mail program, start it again, and choose @name@ for new messages and for replies.

    TEXT;

    public function key(): string
    {
        return 'folder';
    }

    public function label(): string
    {
        return 'Files for a desktop program\'s folder';
    }

    public function build(Parcel $parcel): Artifact
    {
        $name = $parcel->fileName();
        // In ASCII, so that no program has to guess how the address of a picture is written.
        $slug = $parcel->slug();
        [$html, $pictures] = $parcel->withFiles("{$slug}_files/", page: true);
        $crlf = fn (string $text): string => str_replace("\n", "\r\n", str_replace("\r\n", "\n", $text));
        $files = [
            new ArtifactFile("$name.htm", 'text/html; charset=utf-8', $html),
            // The mark tells old readers of text files that this is UTF-8.
            new ArtifactFile("$name.txt", 'text/plain; charset=utf-8', "\u{FEFF}".$crlf($parcel->text())),
        ];
        foreach ($pictures as $file => $picture) {
            $files[] = new ArtifactFile("{$slug}_files/$file", $picture->type(), $picture->bytes);
        }
        $files[] = new ArtifactFile(
            'install.ps1',
            'text/plain; charset=utf-8',
            $crlf(self::POWERSHELL),
        );
        $files[] = new ArtifactFile(
            'install.sh',
            'text/x-shellscript; charset=utf-8',
            self::SHELL,
        );
        $files[] = new ArtifactFile(
            'READ ME.txt',
            'text/plain; charset=utf-8',
            $crlf(strtr(self::README, ['@name@' => $name, '@slug@' => $slug])),
        );

        return new Artifact($name, $files);
    }
}
