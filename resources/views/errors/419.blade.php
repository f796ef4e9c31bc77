@include('errors.plain', [
    'title' => __('The page was open too long'),
    'sentence' =>
        'Your sign-in has run out. Go back, reload the page and try again: what was kept is still there.',
])
