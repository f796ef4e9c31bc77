<?php

namespace App\Roster;

use App\Errands\ErrandKind;
use App\Models\Errand;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Http\UploadedFile;
use InkyCard\StaffList\VCards;
use ZipArchive;

/** Portraits as they were brought, those within contacts too, as one ZIP. */
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
            $bytes = (string) $file->get();
            if (preg_match('/^\s*(?:\xEF\xBB\xBF)?BEGIN:VCARD/i', $bytes) !== 1) {
                $zip->addFromString(mb_scrub($file->getClientOriginalName()), $bytes);

                continue;
            }
            foreach (VCards::photos(explode("\n", str_replace("\r", '', $bytes))) as [$whose, $photo]) {
                $zip->addFromString(mb_scrub(strtr($whose, '/\\', '  ')).'.jpg', $photo);
            }
        }
        $zip->close();

        return $path;
    }
}
