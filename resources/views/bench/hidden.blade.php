@csrf
<input type="hidden" name="revision" value="{{ $bench->card->head }}">
<input type="hidden" name="open" value="{{ $open }}">
