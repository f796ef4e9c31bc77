<img {{ $attributes }} width="{{ $width }}" height="{{ $height }}">
