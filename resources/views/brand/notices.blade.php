<section id="notices" class="brand-part" aria-labelledby="notices-title">
  <h2 id="notices-title">Notices</h2>
  <p class="help">Small print and documents in their exact words, kept once and put on cards where a rule asks for
    them.</p>
  @foreach ([...$drafted->notices, null] as $at => $notice)
    @php($key = $notice ? $at : 'new')
    @php($shown = fn(string $name, string $kept) => isset($refused['notices']) && request()->input('at') === (string)
        $key ? mb_scrub((string) request()->input("notices.$name")) : $kept)
    <details class="entry" @if (isset($refused['notices']) && request()->input('at') === (string) $key) open @endif>
      <summary>
        @if ($notice)
          <strong>{{ $notice->name }}</strong> <span
          class="help">{{ Str::limit($notice->text ?: implode(', ', $notice->documents), 70) }}</span>@else<x-icon
            name="plus-lg" /> Add a notice
        @endif
      </summary>
      <form method="post" action="{{ route('brand.keep', 'notices') }}" class="stack"
        hx-post="{{ route('brand.keep', 'notices') }}">
        @include('brand.hidden')
        <input type="hidden" name="at" value="{{ $key }}">
        <div><label for="notice-{{ $key }}-name">Name</label><input class="form-control"
            id="notice-{{ $key }}-name" name="notices[name]" value="{{ $shown('name', $notice->name ?? '') }}"
            autocomplete="off"></div>
        <div><label for="notice-{{ $key }}-text">Small print</label>
          <textarea class="form-control" id="notice-{{ $key }}-text" name="notices[text]" rows="3">{{ $shown('text',
              $notice->text ?? '') }}</textarea>
        </div>
        <div><label for="notice-{{ $key }}-documents">Documents, one a line</label>
          <textarea class="form-control" id="notice-{{ $key }}-documents" name="notices[documents]" rows="2"
            spellcheck="false"
            placeholder="for example Notice to clients: quillfern.example/notice.pdf">{{ $shown('documents',
                implode("\n", $notice->documents ?? [])) }}</textarea>
        </div>
        @if (request()->input('at') === (string) $key)
          @foreach ($refused['notices'] ?? [] as $sentence)
            <p class="field-error" role="alert">{{ $sentence }}</p>
          @endforeach
        @endif
        <div class="entry-foot"><button class="btn btn-line">Keep</button>
          @if ($notice)
            <button class="btn btn-plain" name="remove" value="1">Take out</button>
          @endif
        </div>
      </form>
    </details>
  @endforeach
</section>
