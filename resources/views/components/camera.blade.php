{{-- Takes a picture where the browser has a camera; camera.js opens it. --}}
<dialog id="camera" aria-labelledby="camera-title">
  <h2 id="camera-title">Take a picture</h2><video playsinline muted></video>
  <p class="field-error" role="alert"></p>
  <div class="entry-foot"><button class="btn btn-stamp" type="button" data-take>Take it</button><button
      class="btn btn-plain" type="button" data-close>Close</button></div>
</dialog>
