<div id="shown" class="shown">
  <p class="told told-look" role="alert">{{ $says }}</p>
</div>
