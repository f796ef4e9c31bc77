<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Pictures of inboxes, drives and networks end with a session or need signing in. */
final class PictureHost extends AbstractCheck
{
    private const PASSING = '~^https?://(?:[\w-]+\.)*(?:googleusercontent\.com|fbcdn\.net|cdninstagram\.com'
        .'|licdn\.com|dropbox\.com|drive\.google\.com|onedrive\.live\.com|sharepoint\.com|icloud\.com|'
            .'discordapp\.(?:com|net)|whatsapp\.net|twimg\.com|ngrok\.io|localhost)|[?&](?:X-Amz-Expires|Expires|sig|'
                .'token|e)=~i';

    public function __construct()
    {
        parent::__construct('picture-host', 'Picture from a place that will not last', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            if (is_string($picture->source) && preg_match(self::PASSING, $picture->source) === 1) {
                $found[] = $this->found(
                    Said::of(
                        'It is fetched from :source, where it may be gone tomorrow or ask for signing '
                            .'in. Bring the file itself.',
                        ['source' => parse_url($picture->source, PHP_URL_HOST)],
                    ),
                    [$piece->id],
                );
            }
        }

        return $found;
    }
}
