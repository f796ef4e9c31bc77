@include('errors.plain', [
    'title' => __('Not for you'),
    'sentence' => $exception->getMessage() ?: 'This is not yours to do.',
])
