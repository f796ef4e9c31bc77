@include('errors.plain', [
    'title' => 'Not for you',
    'sentence' => $exception->getMessage() ?: 'This is not yours to do.',
])
