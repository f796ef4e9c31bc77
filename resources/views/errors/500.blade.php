@include('errors.plain', [
    'title' => __('Something broke'),
    'sentence' => __('The fault is on this side and has been written down. What was kept is still there.'),
])
