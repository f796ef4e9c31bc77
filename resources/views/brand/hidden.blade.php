@csrf<input type="hidden" name="number" value="{{ $brand->number }}">
