<?php

namespace InkyCard;

/**
 * Every threshold of the job, once: what gauges, checks, advice and forms hold
 * a card against. CSS px where nothing else is said; pairs are smallest and
 * largest.
 */
final class Limits
{
    /** Widest a signature may be before it pushes the letter aside: the window letters are laid out in. */
    public const WIDTH = 600;

    /** A narrow phone. */
    public const PHONE_WIDTH = 320;

    /** Widths a card is measured in for people who automate. */
    public const WIDTHS = [self::PHONE_WIDTH, 480, self::WIDTH];

    /** Highest in that window: more takes more room than most letters. */
    public const HEIGHT = 320;

    /** Highest on a phone: a third of a screen of 390 by 844. */
    public const PHONE_HEIGHT = 281;

    /** Links a reader can still choose among. */
    public const LINKS = 12;

    /** Buttons that ask for something: several compete. */
    public const CALLS = 1;

    /** Profile marks that are looked at. */
    public const MARKS = 7;

    /** Links shown to try beside a piece. */
    public const TRIED = 8;

    /** Characters the strictest settings box takes. */
    public const CODE = 10_000;

    /** From here on there is room for a line more, and no longer for two. */
    public const CODE_NEAR = 8_000;

    /** Bytes of all picture files that still load at once on a phone. */
    public const PICTURES = 100_000;

    /** Bytes from which on all pictures are near that. */
    public const PICTURES_NEAR = 80_000;

    /** Bytes that are enough for one picture. */
    public const PICTURE = 70_000;

    /** Weight of a banner made here, bytes. */
    public const BANNER = 60_000;

    /** Pixels of an original by px shown, under which dense screens show it soft. */
    public const SHARP = 1.4;

    /** Share of words by area under which a card says little where pictures are blocked. */
    public const WORDS = 0.3;

    /** Letters beside pictures: a name and a number. */
    public const LETTERS = 24;

    /** Square px from which on a picture is large. */
    public const LARGE_PICTURE = 20_000;

    /** Lightness (OKLab) from which on a large picture glares on a dark page. */
    public const GLARE = 0.85;

    /** Smallest type that reads without effort. */
    public const SMALL_TEXT = 11;

    /**
     * Contrast on a page forced dark: what large text needs (WCAG 2.2, 1.4.3), less what eyes used to the dark make up
     * for.
     */
    public const DARK_CONTRAST = 2.5;

    /** Contrast of lines and handwriting (WCAG 2.2, 1.4.11). */
    public const LINE_CONTRAST = 3.0;

    /** Contrast of a filled mark with a dark page: less than lines need. */
    public const FILLED_CONTRAST = 2.2;

    /** Contrast the gauge's whole bar stands for. */
    public const FULL_CONTRAST = 9;

    /** Line height by type size, and spacing between lines, under which lines are jammed. */
    public const JAMMED = ['lineHeight' => 1.25, 'spacing' => 3];

    /** Spacing between lines from which on they look like paragraphs. */
    public const LOOSE = 12;

    /** Difference of a picture's height and its text's that is seen. */
    public const FIT = 24;

    /** Columns of a line of plain text: RFC 5322, 2.1.1, counts 78, and a mark of quoting stands before it. */
    public const COLUMNS = 76;

    /** Days before its end an offer needs its successor: messages sent today are read for longer. */
    public const ENDS_SOON = 7;

    /** Type sizes. */
    public const TYPE = [9, 32];

    /** Line height by type size. */
    public const LINE_HEIGHT = [1.1, 2.2];

    /** Spacing between anything. */
    public const SPACING = [0, 48];

    /** The line beside the text. */
    public const RULE = [0, 8];

    /** A line across, as a piece. */
    public const RULE_PIECE = [1, 8];

    /** Spacing as a piece. */
    public const SPACING_PIECE = [1, 48];

    /** Size of a symbol before a contact line. */
    public const SYMBOL = [8, 32];

    /** Size of a profile mark. */
    public const MARK = [16, 48];

    /** Between two of them. */
    public const MARK_SPACING = [0, 24];

    /** Corners and padding of the button. */
    public const BUTTON = [0, 40];

    /** Padding of a button as it is dragged. */
    public const BUTTON_DRAGGED = [4, 40];

    /** Padding of the background behind the card. */
    public const BACKGROUND = [0, 40];

    /** Width of initials in a shape, which is as high. */
    public const INITIALS = [32, 140];

    /** Width of a logo. */
    public const LOGO = [16, 240];

    /** Width of a headshot, which is as high. */
    public const HEADSHOT = [48, 160];
}
