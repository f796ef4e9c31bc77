@foreach ($took as $picture)
  @include('pictures.tile')
@endforeach
@foreach ($refused as $name => $sentence)
  <li class="picture-tile picture-refused"><strong>{{ $name }}</strong>
    <p class="field-error">{{ $sentence }}</p>
  </li>
@endforeach
