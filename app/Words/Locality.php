<?php

namespace App\Words;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Http\Request;
use Locale;

/** What a page is read in: a language, the country whose way of writing dates and numbers it has, a time zone. */
final readonly class Locality
{
    /**
     * @param  string  $language  BCP 47, one of `Words::languages`
     * @param  string  $region  BCP 47, for ICU
     * @param  string  $zone  IANA
     */
    public function __construct(
        public string $language = Words::SOURCE,
        public string $region = 'en-GB',
        public string $zone = 'UTC',
    ) {
    }

    /** As a member has chosen; what they have not, by their workspace, or by what their browser asks for. */
    public static function of(Request $request, ?User $user, ?Workspace $workspace): self
    {
        $asked = $request->getLanguages();
        $chosen = $user->language ?? '';
        $language = isset(Words::languages()[$chosen]) ? $chosen : Words::suiting(array_values($asked));
        $country = $workspace !== null ? $workspace->country : Locale::getRegion((string) ($asked[0] ?? ''));
        $spoken = isset(PseudoLanguage::NAMES[$language]) ? Words::SOURCE : $language;

        return new self(
            $language, ($user->region ?? '') ?: trim("$spoken-".($country ?: 'GB'), '-'),
            ($user->zone ?? '') ?: ($workspace?->clock() ?? 'UTC'),
        );
    }

    public function direction(): string
    {
        return Words::isTurned($this->language) ? 'rtl' : 'ltr';
    }
}
