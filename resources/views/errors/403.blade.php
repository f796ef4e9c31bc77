@include('errors.plain', [
    'title' => 'Not for you',
    'sentence' => 'You belong to no workspace yet: ask a member to add you.',
])
