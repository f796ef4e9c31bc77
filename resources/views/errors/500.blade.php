@include('errors.plain', [
    'title' => 'Something broke',
    'sentence' => 'The fault is on this side and has been written down. What was kept is still there.',
])
