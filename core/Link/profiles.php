<?php

/*
 * Profile kinds: key => label, hosts (old ones too), the mark's name in the
 * open icon set, and a pattern for what follows the host, whose first group
 * is the handle. `to` writes the canonical address where hosts or forms vary;
 * without it the address stays as pasted, less query and fragment.
 */
return [
    'linkedin' => ['label' => 'LinkedIn', 'hosts' => ['linkedin.com'], 'mark' => 'linkedin', 'path' => '/(?:in|company|school)/([^/?#]+)'],
    'instagram' => ['label' => 'Instagram', 'hosts' => ['instagram.com', 'instagr.am'], 'mark' => 'instagram', 'path' => '/([\w.]+)', 'to' => 'https://www.instagram.com/{handle}'],
    'facebook' => ['label' => 'Facebook', 'hosts' => ['facebook.com', 'm.facebook.com', 'fb.com'], 'mark' => 'facebook', 'path' => '/(?!profile\.php)([\w.-]+)', 'to' => 'https://www.facebook.com/{handle}'],
    'x' => ['label' => 'X', 'hosts' => ['x.com', 'twitter.com', 'mobile.twitter.com'], 'mark' => 'twitter-x', 'path' => '/@?(\w+)', 'to' => 'https://x.com/{handle}'],
    'youtube' => ['label' => 'YouTube', 'hosts' => ['youtube.com', 'm.youtube.com'], 'mark' => 'youtube', 'path' => '/((?:@|c/|user/|channel/)[\w.-]+)'],
    'tiktok' => ['label' => 'TikTok', 'hosts' => ['tiktok.com', 'm.tiktok.com'], 'mark' => 'tiktok', 'path' => '/@([\w.]+)', 'to' => 'https://www.tiktok.com/@{handle}'],
    'pinterest' => ['label' => 'Pinterest', 'hosts' => ['pinterest.com', 'pinterest.co.uk'], 'mark' => 'pinterest', 'path' => '/([\w-]+)'],
    'threads' => ['label' => 'Threads', 'hosts' => ['threads.net', 'threads.com'], 'mark' => 'threads', 'path' => '/@([\w.]+)', 'to' => 'https://www.threads.com/@{handle}'],
    'bluesky' => ['label' => 'Bluesky', 'hosts' => ['bsky.app'], 'mark' => 'bluesky', 'path' => '/profile/([\w.:-]+)'],
    'github' => ['label' => 'GitHub', 'hosts' => ['github.com'], 'mark' => 'github', 'path' => '/([\w-]+)'],
    'gitlab' => ['label' => 'GitLab', 'hosts' => ['gitlab.com'], 'mark' => 'gitlab', 'path' => '/([\w.-]+)'],
    'behance' => ['label' => 'Behance', 'hosts' => ['behance.net'], 'mark' => 'behance', 'path' => '/([\w-]+)'],
    'dribbble' => ['label' => 'Dribbble', 'hosts' => ['dribbble.com'], 'mark' => 'dribbble', 'path' => '/([\w-]+)'],
    'medium' => ['label' => 'Medium', 'hosts' => ['medium.com'], 'mark' => 'medium', 'path' => '/(@[\w.-]+)'],
    'vimeo' => ['label' => 'Vimeo', 'hosts' => ['vimeo.com'], 'mark' => 'vimeo', 'path' => '/([\w-]+)'],
    'spotify' => ['label' => 'Spotify', 'hosts' => ['open.spotify.com'], 'mark' => 'spotify', 'path' => '/((?:artist|user|show)/\w+)'],
    'whatsapp' => ['label' => 'WhatsApp', 'hosts' => ['wa.me', 'api.whatsapp.com'], 'mark' => 'whatsapp', 'path' => '/(\d+)', 'to' => 'https://wa.me/{handle}'],
    'telegram' => ['label' => 'Telegram', 'hosts' => ['t.me', 'telegram.me'], 'mark' => 'telegram', 'path' => '/(\w+)', 'to' => 'https://t.me/{handle}'],
];
