<?php

namespace App\Roster;

use App\Errands\ErrandKind;
use App\Models\Errand;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Http\UploadedFile;
use ZipArchive;

/** Portraits as they were brought, as one ZIP. */
final class PortraitFiles
{
    /** @param  non-empty-array<array-key, UploadedFile>  $files */
    public static function sent(Workspace $workspace, ?User $user, array $files): Errand
    {
        $first = current($files);
        $isZip = count($files) === 1 && str_starts_with((string) $first->get(), "PK\x03\x04");
        $path = $isZip ? (string) $first->getRealPath() : self::zipped($files);
        try {
            return Errand::begin($workspace, $user, ErrandKind::Portraits, path: $path);
        } finally {
            $isZip || @unlink($path);
        }
    }

    /** @param  array<array-key, UploadedFile>  $files */
    private static function zipped(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($files as $file) {
            $zip->addFromString(mb_scrub($file->getClientOriginalName()), (string) $file->get());
        }
        $zip->close();

        return $path;
    }
}
