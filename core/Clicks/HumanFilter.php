<?php

namespace InkyCard\Clicks;

/**
 * Tells clicks of people from requests of machines, by what the request says
 * of itself. Machines are kept apart, not thrown away: each has its reason.
 */
final class HumanFilter
{
    /**
     * Programs that follow links of mail without anybody pressing: crawlers, previews of messengers, scanners of mail
     * gateways, tools.
     */
    private const MACHINES = '/bot\b|crawl|spider|slurp|preview|scan|monitor|validator|headless|phantom|lighthouse'
        .'|facebookexternalhit|whatsapp|telegram|slack|discord|proofpoint|mimecast|barracuda|fortinet|symantec|'
            .'trendmicro|urldefense|safelinks|ms-office|outlook-?safe|curl|wget|python|perl|ruby|java\/|okhttp|'
                .'go-http|httpclient|libwww|axios|node-fetch/i';

    /**
     * @param  string  $method  of HTTP
     * @param  string  $agent  the `User-Agent`
     * @param  string  $purpose  `Sec-Purpose`, `Purpose` or `X-Moz`
     * @return ?string why it is no click of a person; null when it is one
     */
    public static function reason(string $method, string $agent, string $purpose): ?string
    {
        return match (true) {
            $method !== 'GET' => 'asked without opening',
            preg_match('/prefetch|prerender|preview/i', $purpose) === 1 => 'fetched ahead',
            trim($agent) === '' => 'nameless program',
            preg_match(self::MACHINES, $agent) === 1 => 'program',
            default => null,
        };
    }
}
