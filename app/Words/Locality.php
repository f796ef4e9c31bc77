<?php

namespace App\Words;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Http\Request;
use Locale;

/** What a page is read in: a language, the country whose way of writing dates and numbers it has, a time zone. */
final readonly class Locality
{
    private const REGIONS = [
        'en-GB', 'en-US', 'en-AU', 'en-CA', 'en-IE', 'en-IN', 'en-ZA', 'bg-BG', 'ca-ES', 'cs-CZ', 'da-DK', 'de-AT',
        'de-CH', 'de-DE', 'el-GR', 'es-ES', 'es-MX', 'et-EE', 'fi-FI', 'fr-BE', 'fr-CA', 'fr-CH', 'fr-FR', 'he-IL',
        'hi-IN', 'hr-HR', 'hu-HU', 'id-ID', 'it-IT', 'ja-JP', 'ko-KR', 'lt-LT', 'lv-LV', 'nb-NO', 'nl-BE', 'nl-NL',
        'pl-PL', 'pt-BR', 'pt-PT', 'ro-RO', 'sk-SK', 'sl-SI', 'sr-RS', 'sv-SE', 'th-TH', 'tr-TR', 'uk-UA', 'vi-VN',
        'zh-CN', 'zh-TW',
    ];

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
        $language = in_array($chosen, Words::known(), true) ? $chosen : Words::suiting(array_values($asked));
        $country = $workspace !== null ? $workspace->country : Locale::getRegion((string) ($asked[0] ?? ''));
        $spoken = isset(PseudoLanguage::NAMES[$language]) ? Words::SOURCE : $language;

        return new self(
            $language, ($user->region ?? '') ?: trim("$spoken-".($country ?: 'GB'), '-'),
            ($user->zone ?? '') ?: ($workspace?->clock() ?? 'UTC'),
        );
    }

    /** @return array<string, string> ways to write dates and numbers (CLDR): locale => its name in itself */
    public static function regions(): array
    {
        $regions = [];
        foreach (self::REGIONS as $region) {
            $regions[$region] = (string) Locale::getDisplayName($region, $region);
        }

        return $regions;
    }

    public function direction(): string
    {
        return Words::isTurned($this->language) ? 'rtl' : 'ltr';
    }
}
