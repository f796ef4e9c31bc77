@include('errors.plain', ['title' => __('Too many requests'), 'sentence' => __('Wait a minute and try again.')])
