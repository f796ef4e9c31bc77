@include('errors.plain', [
    'title' => __('This address has run out'),
    'sentence' => __('Open Hand over on the desk again: the code there is new each time.'),
])
