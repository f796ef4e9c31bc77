<?php

namespace Tests\Fuzz;

/** What somebody could send to keep its reader busy: a few signs, many times, in every way HTML and its kin nest. */
final class Shapes
{
    /** Fragments of HTML; `#` is a number that counts up. */
    private const HTML = [
        '<table><tr><td>', '<div>', '<b>', '<i><div>', '</i>', '<p><x>', '<li>a', '<td>a', '<br>', 'a<wbr>',
        '<x-#>', '<p>', '<b></b></i>', '<ul><li>', '<blockquote>', '<font color=#>', '<span style="color:red">',
        '</table>', '<o:p/>', '<a href="https://a.example/#">b</a>', '<a href="x\'', "<a href='", '<p title="',
        '<p a#=1 b# c#="2">', ' a#', ' a#=\'#\'', '<img src=cid:a#>', '<img src="data:image/png;base64,', '<body',
        '<body>', '<html>', '<head>', '<meta', '<meta charset=#>', '<base href="//[">', '<link>', '<', '</', '<!',
        '<?', '<!-- ', '-->', '<!-- a -->', '<!--[if mso]>', '<![endif]-->', '<!--[if mso]><!-->',
        '<!--<![endif]-->', '<!--[if (gte mso 9)|(IE)]>', '<![CDATA[', ']]>', '&', '&amp;', '&#', '&#x1F600;',
        '&lt;p&gt;', '&nbsp;', 'url(', 'url( ', '<style>', '<style>a{}</style>', '<style>/*', '@import ',
        '<p style="a:b(', 'a:b;', 'expression (', 'javascript :', '\\41 ', '<script>', '</script>', '<textarea>',
        '<title>', '<svg>', '<math><mi>', '<template>', '<select><option>', '<noscript>', '<plaintext>',
        '<iframe>', 'word ', 'wordwithoutend', "\u{0627}\u{0644} ", "\u{1F9D1}\u{200D}", "\u{0301}", "\u{202E}",
        "\xff", "\xc3", "\0", "\r\n", "\t ", '+44 1632 960#', 'a@b.example ', 'www.a.example ', 'Tel: ',
        'https://a.example/# ', '"', "'", '>', '=', '@media (max-width:#px){', '}', '<pre>', '<details><summary>',
        '<v:rect fill="', '<center><font>', '<h1>', '<a>', '<dl><dt><dd>', '<form><input>', '<tbody>', '<tr>',
        '<caption>', '<colgroup><col>', '<script type="application/ld+json">{"@type":"Person",',
        '<div class="h-card"><p class="p-name">', '[[', '{"a":',
    ];

    private const MESSAGE = [
        "--b\r\n", "--b--\r\n", "Content-Type: multipart/mixed; boundary=b#\r\n\r\n--b#\r\n", "X-#: a\r\n",
        "To: a#@b.example,\r\n ", "Subject: =?utf-8?q?a?=\r\n =?utf-8?b?YQ==?=\r\n", "\r\n\r\n", '=3D', "=\r\n",
        "YWJj\r\n", '(', '"', '<', "a: b; c#=d;\r\n ", "Content-Type: message/rfc822\r\n\r\n", "From a\r\n",
        ">From \r\n", "begin 644 a\r\n", "Received: a\r\n", 'a@b, ', ';', "\r", "\n",
        "Content-Disposition: attachment; filename*#*=utf-8''a\r\n", '=?utf-8?q?', '?=',
    ];

    private const CONTACT = [
        "TEL:+44 1632 960#\r\n", "EMAIL:a#@b.example\r\n", "N:a;b\r\n", "X-#:a\r\n", " a\r\n", 'TEL;TYPE=a,b,c;',
        ';TYPE=#', 'a,', 'a;', '\\,', '\\n', "ADR:;;a;b\r\n", "BEGIN:VCARD\r\n", "END:VCARD\r\n",
        "item#.URL:a\r\n", "PHOTO;ENCODING=b:YWJj\r\n", '=0D=0A', '"', "NOTE;ENCODING=QUOTED-PRINTABLE:=C3=\r\n",
        "URL:https://a.example/#\r\n", ':', "\r", "X-SOCIALPROFILE:a\r\n", "TITLE:a\r\n",
    ];

    private const ADDRESS = [
        'http:/', '//', '\\', '[', ']', ':', '@', '#', '?', '%', '%2', '%00', 'a.', '.', 'xn--', "\u{00fc}",
        "\u{3002}", "\0", "\n", ' ', '127.0.0.1', '0x7f', '::', '::ffff:', '65536', '/..', 'http://',
        'https://a.example', 'mailto:', 'javascript:', 'a=b&', "\xff",
    ];

    private const START = [
        'html' => '', 'contact' => "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:A\r\n", 'address' => '',
        'message' => "From: a@b.example\r\nSubject: a\r\nMIME-Version: 1.0\r\n"
            ."Content-Type: multipart/mixed; boundary=b\r\n\r\n",
    ];

    private const FRAGMENTS = [
        'html' => self::HTML, 'message' => self::MESSAGE, 'contact' => self::CONTACT, 'address' => self::ADDRESS,
    ];

    /** @return list<string> names of the sorts of shapes */
    public static function sorts(): array
    {
        return array_keys(self::FRAGMENTS);
    }

    /** How many fragments a sort has: each stands alone in the shape of its number. */
    public static function count(string $sort): int
    {
        return count(self::FRAGMENTS[$sort]);
    }

    /**
     * One shape: the first ones of a sort repeat one fragment, all others mix several, in runs or at random.
     *
     * @param  int  $bytes  about so long
     */
    public static function of(string $sort, int $number, int $bytes): string
    {
        mt_srand($number);
        $all = self::FRAGMENTS[$sort];
        $some = $number < count($all)
            ? [$all[$number]]
            : array_map(fn () => $all[mt_rand(0, count($all) - 1)], range(1, mt_rand(2, 5)));
        $start = mt_rand(0, 4) === 0 ? '' : self::START[$sort];
        if ($sort === 'message' && mt_rand(0, 1) === 1) {
            $start .= "--b\r\nContent-Type: text/html\r\n\r\n";
            $some = [...$some, ...array_map(fn () => self::HTML[mt_rand(0, count(self::HTML) - 1)], [1, 2])];
        }

        $shape = mt_rand(0, 1) === 1 ? self::mixed($some, $bytes) : self::runs($some, $bytes);

        return $start.substr($shape, 0, $bytes).($sort === 'contact' ? "\r\nEND:VCARD\r\n" : '');
    }

    /** A picture that lies about itself, is cut or damaged somewhere, or holds far more pixels than bytes. */
    public static function picture(int $number): string
    {
        static $whole = [];
        $whole = $whole ?: array_map(self::drawn(...), ['png', 'jpeg', 'gif', 'webp']);
        mt_srand($number);
        $bytes = $whole[$number % 4];
        for ($times = mt_rand(0, 6); $times > 0; $times--) {
            // Headers more often than the rest: there stands what decides how much is made of it.
            $at = mt_rand(0, mt_rand(0, 1) === 1 ? min(60, strlen($bytes) - 1) : strlen($bytes) - 1);
            $bytes[$at] = chr(mt_rand(0, 255));
        }

        return match (mt_rand(0, 4)) {
            0 => substr($bytes, 0, mt_rand(0, strlen($bytes))),
            1 => $bytes.str_repeat(chr(mt_rand(0, 255)), mt_rand(0, 2_000)),
            2 => self::plain(mt_rand(1, 7_000), mt_rand(1, 7_000)),
            default => $bytes,
        };
    }

    private static function drawn(string $type): string
    {
        $image = imagecreatetruecolor(120, 80);
        for ($number = 0; $number < 300; $number++) {
            imagefilledellipse($image, mt_rand(0, 120), mt_rand(0, 80), 20, 20, mt_rand(0, 0xFFFFFF));
        }
        ob_start();
        match ($type) {
            'png' => imagepng($image),
            'jpeg' => imagejpeg($image),
            'gif' => imagegif($image),
            default => imagewebp($image),
        };

        return (string) ob_get_clean();
    }

    /** A PNG of one colour, whatever its size a few kilobytes (PNG, second edition, 11.2). */
    private static function plain(int $width, int $height): string
    {
        $chunk = fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data
            .pack('N', crc32($type.$data));
        $rows = str_repeat("\0".str_repeat("\0", (int) ceil($width / 8)), $height);

        return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNC5', $width, $height, 1, 0, 0, 0, 0))
            .$chunk('IDAT', (string) gzcompress($rows)).$chunk('IEND', '');
    }

    /** @param  list<string>  $some */
    private static function runs(array $some, int $bytes): string
    {
        $shape = '';
        foreach ($some as $fragment) {
            $shape .= self::numbered(str_repeat($fragment, (int) ceil($bytes / count($some) / strlen($fragment))));
        }

        return $shape;
    }

    /** @param  list<string>  $some */
    private static function mixed(array $some, int $bytes): string
    {
        $run = '';
        for ($times = mt_rand(1, 40); $times > 0; $times--) {
            $run .= $some[mt_rand(0, count($some) - 1)];
        }

        return self::numbered(str_repeat($run, (int) ceil($bytes / strlen($run))));
    }

    private static function numbered(string $shape): string
    {
        $count = 0;

        return (string) preg_replace_callback('/#/', function () use (&$count): string {
            return (string) ++$count;
        }, $shape);
    }
}
