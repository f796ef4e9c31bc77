@include('errors.plain', [
    'title' => 'This address has run out',
    'sentence' => 'Open Hand over on the desk again: the code there is new each time.',
])
