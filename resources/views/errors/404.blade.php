@include('errors.plain', [
    'title' => 'Not here',
    'sentence' => 'There is no such page here, or it belongs to another workspace.',
])
