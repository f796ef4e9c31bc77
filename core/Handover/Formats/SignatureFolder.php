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
    private const POWERSHELL = <<<'TEXT'
    # Puts "@name@" into the signature folder of this Windows account. It copies files and does nothing else;
    # a signature of the same name stays, the new one gets a number.
    $ErrorActionPreference = 'Stop'
    $from = Split-Path -Parent $MyInvocation.MyCommand.Path
    $to = Join-Path $env:APPDATA 'Microsoft\Signatures'
    New-Item -ItemType Directory -Force -Path $to | Out-Null
    $name = '@name@'
    $number = 1
    $files = '@slug@_files'
    while ((Test-Path (Join-Path $to "$name.htm")) -or (Test-Path (Join-Path $to "$name.txt")) -or
            (Test-Path (Join-Path $to $files))) {
        $number++
        $name = "@name@ $number"
        $files = "@slug@-${number}_files"
    }
    $html = [IO.File]::ReadAllText((Join-Path $from '@name@.htm'), [Text.Encoding]::UTF8)
    $html = $html.Replace('@slug@_files/', "$files/")
    [IO.File]::WriteAllText((Join-Path $to "$name.htm"), $html, (New-Object Text.UTF8Encoding $true))
    Copy-Item (Join-Path $from '@name@.txt') (Join-Path $to "$name.txt")
    if (Test-Path (Join-Path $from '@slug@_files')) {
        Copy-Item -Recurse (Join-Path $from '@slug@_files') (Join-Path $to $files)
    }
    Write-Host "Placed as $name. Quit the mail program, start it again, and choose $name in its signature settings."

    TEXT;

    private const SHELL = <<<'TEXT'
    #!/bin/sh
    # Puts "@name@" into a folder you name, for a mail program that reads signatures from files:
    #   sh install.sh "/path/to/the/signature folder"
    # It copies files and does nothing else; a signature of the same name stays, the new one gets a number.
    set -eu
    from=$(cd "$(dirname "$0")" && pwd)
    to=${1:?Name the signature folder: sh install.sh /path/to/folder}
    mkdir -p "$to"
    name='@name@'
    number=1
    files='@slug@_files'
    while [ -e "$to/$name.htm" ] || [ -e "$to/$name.txt" ] || [ -e "$to/$files" ]; do
        number=$((number + 1))
        name="@name@ $number"
        files="@slug@-${number}_files"
    done
    sed "s|@slug@_files/|$files/|g" "$from/@name@.htm" > "$to/$name.htm"
    cp "$from/@name@.txt" "$to/$name.txt"
    if [ -d "$from/@slug@_files" ]; then cp -R "$from/@slug@_files" "$to/$files"; fi
    echo "Placed as $name. Quit the mail program, start it again, and choose $name in its signature settings."

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
            "\u{FEFF}".$crlf(strtr(self::POWERSHELL, ['@name@' => $name, '@slug@' => $slug])),
        );
        $files[] = new ArtifactFile(
            'install.sh',
            'text/x-shellscript; charset=utf-8',
            strtr(self::SHELL, ['@name@' => $name, '@slug@' => $slug]),
        );
        $files[] = new ArtifactFile(
            'READ ME.txt',
            'text/plain; charset=utf-8',
            $crlf(strtr(self::README, ['@name@' => $name, '@slug@' => $slug])),
        );

        return new Artifact($name, $files);
    }
}
