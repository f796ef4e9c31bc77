@include('errors.plain', ['title' => 'Too many requests', 'sentence' => 'Wait a minute and try again.'])
