<?php

namespace InkyCard\Proof;

/** Every check, in the order a card is walked through. */
final class Checks
{
    private const ALL = [
        Checks\TooWide::class,
        Checks\TooWideForPhone::class,
        Checks\TooTall::class,
        Checks\Jammed::class,
        Checks\Loose::class,
        Checks\Corners::class,
        Checks\BlankPieces::class,
        Checks\Lacking::class,
        Checks\PicturesHeavy::class,
        Checks\PictureHeavy::class,
        Checks\PictureSoft::class,
        Checks\WordsInPictures::class,
        Checks\AltMissing::class,
        Checks\AltUseless::class,
        Checks\PictureHost::class,
        Checks\PictureUnsafe::class,
        Checks\PictureFitText::class,
        Checks\HandOnDark::class,
        Checks\Glare::class,
        Checks\Moving::class,
        Checks\PicturesUnseen::class,
        Checks\FaintText::class,
        Checks\BehindWords::class,
        Checks\FaintOnDark::class,
        Checks\InksAlike::class,
        Checks\OffBrand::class,
        Checks\OwnColour::class,
        Checks\SmallText::class,
        Checks\RareTypeface::class,
        Checks\NameFirst::class,
        Checks\LongLine::class,
        Checks\FoundLinks::class,
        Checks\TokenLeft::class,
        Checks\ManyCalls::class,
        Checks\ManyLinks::class,
        Checks\ManyMarks::class,
        Checks\LinkBroken::class,
        Checks\LinkSilent::class,
        Checks\LinkClosed::class,
        Checks\LinkEditing::class,
        Checks\LinkMoved::class,
        Checks\LinkUnsafe::class,
        Checks\TagsMissing::class,
        Checks\TagsTwice::class,
        Checks\CallToFrontPage::class,
        Checks\CallVague::class,
        Checks\PictureUnlinked::class,
        Checks\LinkTwice::class,
        Checks\ProfileNotOwn::class,
        Checks\SamplesLeft::class,
        Checks\NoName::class,
        Checks\NoWayToReach::class,
        Checks\LicenceMissing::class,
        Checks\NoticeMissing::class,
        Checks\Ended::class,
        Checks\EndsSoon::class,
        Checks\EventPast::class,
        Checks\TrustPage::class,
        Checks\LanguageOdd::class,
        Checks\PhoneOdd::class,
        Checks\MailOdd::class,
        Checks\OwnHtmlLost::class,
        Checks\CodeLong::class,
        Checks\CodeNear::class,
        Checks\StyleLost::class,
        Checks\LostInWebmail::class,
        Checks\LostInWord::class,
    ];

    /** @return list<Check> */
    public static function all(): array
    {
        /** @var list<Check>|null $all */
        static $all = null;

        return $all ??= array_map(fn (string $class) => new $class, self::ALL);
    }
}
