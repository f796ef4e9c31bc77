<div id="said" class="visually-hidden" role="status" hx-swap-oob="true">{{ $said }}</div>
