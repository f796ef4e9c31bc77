{{-- What htmx does with answers; `none` is the code of one that changes nothing. --}}
@props(['none' => null])
<meta name="htmx-config" content="{{ json_encode([
    'includeIndicatorStyles' => false, 'allowEval' => false, 'selfRequestsOnly' => true, 'historyEnabled' => false,
    'responseHandling' => [
        ...$none === null ? [] : [['code' => $none, 'swap' => false]],
        ['code' => '[23]..', 'swap' => true], ['code' => '409|422', 'swap' => true],
        ['code' => '[45]..', 'swap' => false, 'error' => true],
    ],
]) }}">
