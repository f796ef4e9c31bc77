@include('errors.plain', [
    'title' => __('Not here'),
    'sentence' => __('There is no such page here, or it belongs to another workspace.'),
])
