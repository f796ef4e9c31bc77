<?php

namespace App\Campaigns;

use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use InkyCard\Footer\Footer;
use InkyCard\Footer\FooterCard;
use InkyCard\Footer\FooterFinding;
use InkyCard\Footer\FooterReview;
use InkyCard\Footer\RequiredParts;
use InkyCard\Footer\TokenStyle;
use InkyCard\Refusal;

/** A footer in the making, as it is shown. */
final readonly class FooterPage
{
    /** Names of tokens to begin with: what they are called everywhere is for the sending system to say. */
    private const TOKENS = ['unsubscribe' => 'unsubscribe_url', 'browser' => 'view_url'];

    public Footer $footer;

    public StoredCard $sender;

    public FooterCard $composed;

    /** @var list<FooterFinding> */
    public array $findings;

    public Picks $picks;

    /** Letters of its HTML. */
    public int $length;

    public bool $isGivenOut;

    public function __construct(private Workspace $workspace, public StoredFooter $stored, string $recipient)
    {
        $this->footer = $stored->footer();
        $this->sender = $stored->sender($workspace);
        $this->composed = $stored->composed($this->sender);
        $pictures = HostedPictures::forExport();
        $this->findings = (new FooterReview($this->footer, $this->composed))->findings($pictures);
        $lang = $this->sender->document()->lang;
        $this->picks = new Picks($workspace, $this->composed->tokens(), $lang, $recipient);
        $this->length = mb_strlen($this->composed->html($pictures));
        $this->isGivenOut = $stored->isGivenOut($this->sender);
    }

    /** Whether it may go out. */
    public function isReady(): bool
    {
        return FooterReview::isReady(...$this->findings);
    }

    /** @return array<string, string> value => as it is written */
    public function styles(): array
    {
        return array_map(
            fn (TokenStyle $style): string => "{$style->open}name{$style->close}, $style->label", TokenStyle::all(),
        );
    }

    /** @return array<string, string> country => name */
    public function countries(): array
    {
        return RequiredParts::countries();
    }

    /** @return array<string, string> country and part => where it is written */
    public function sources(): array
    {
        $sources = [];
        foreach ($this->findings as $finding) {
            foreach ($finding->sources as $country => $source) {
                $sources["{$finding->label}, $country"] = $source;
            }
        }

        return $sources;
    }

    /** A whole document around what is composed. @param  string  $lang  BCP 47 */
    public static function whole(string $html, string $lang): string
    {
        return "<!DOCTYPE html>\n<html lang=\"$lang\">\n<head>\n<meta charset=\"utf-8\">\n<title></title>\n</head>\n"
            ."<body>\n$html\n</body>\n</html>\n";
    }

    /** @return array<string, mixed> what a new footer begins with: facts of the firm, and usual tokens */
    public static function begin(Workspace $workspace, StoredCard $card): array
    {
        $lines = StoredBrand::in($workspace)->document()->lines;
        $style = TokenStyle::of('double-braces');
        $country = isset(RequiredParts::countries()[$workspace->country]) ? [$workspace->country] : [];
        $links = array_map(fn (string $token): string => $style->write($token), self::TOKENS);

        return [
            'name' => "$workspace->name footer", 'countries' => $country,
            'why' => __('You get this because you asked :it for news.', ['it' => $lines->company ?: $workspace->name]),
            'firm' => implode(', ', array_filter([$lines->company ?: $workspace->name, $lines->address])),
            'unsubscribe' => ['words' => 'Unsubscribe', 'address' => $links['unsubscribe']],
            'browser' => ['words' => __('Read in a browser'), 'address' => $links['browser']],
        ];
    }

    /**
     * The same footer, its tokens written as another system does.
     *
     * @throws Refusal
     */
    public static function inStyle(Footer $footer, TokenStyle $style): Footer
    {
        $write = function (mixed $value) use (&$write, $footer, $style): mixed {
            if (is_array($value)) {
                return array_map($write, $value);
            }
            $text = (string) $value;
            foreach (array_reverse($footer->style->find($text)) as $token) {
                $text = substr_replace(
                    $text, $style->write($token->name, $token->fallback), $token->at, strlen($token->raw),
                );
            }

            return $text;
        };
        $document = $footer->toArray();

        return Footer::of(['style' => $style->toDocument()] + array_map($write, array_intersect_key(
            $document, array_flip(['why', 'firm', 'registration', ...Footer::LINKS]),
        )) + $document);
    }
}
