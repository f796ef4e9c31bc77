<?php

/*
 * Wrong passwords for many accounts from many addresses, so many a second, whether the last were answered or not:
 *   php bench/wrong-tries.php BASE EACH_SECOND SECONDS
 */

[, $base, $each, $seconds] = $argv;
$jar = (string) tempnam(sys_get_temp_dir(), 'inky');
$curl = curl_init("$base/sign-in");
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar]);
preg_match('/name="_token" value="([^"]+)"/', (string) curl_exec($curl), $token);
$cookies = implode('; ', array_map(fn (string $line): string => implode('=', array_slice(explode("\t", $line), 5, 2)),
    curl_getinfo($curl, CURLINFO_COOKIELIST)));
$many = curl_multi_init();
$answers = [];
$begun = microtime(true);
for ($n = 0, $open = 0; $n < $each * $seconds || $open > 0;) {
    while ($n < $each * $seconds && $n < (microtime(true) - $begun) * $each) {
        $one = curl_init("$base/sign-in");
        curl_setopt_array($one, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => $cookies,
            CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1], 'password' => "wrong $n",
                'email' => $n % 2 === 0 ? "nobody$n@reader.example" : 'maren@quillfern.example'])]);
        curl_setopt($one, CURLOPT_HTTPHEADER, ['X-Forwarded-For: 203.0.'.intdiv($n, 250).'.'.$n % 250]);
        curl_multi_add_handle($many, $one);
        $n++;
    }
    curl_multi_exec($many, $open);
    while ($done = curl_multi_info_read($many)) {
        $status = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
        $answers[$status] = ($answers[$status] ?? 0) + 1;
        curl_multi_remove_handle($many, $done['handle']);
    }
    curl_multi_select($many, 0.01);
}
@unlink($jar);
echo json_encode(['a_second' => $n / (microtime(true) - $begun), 'answers' => $answers]);
