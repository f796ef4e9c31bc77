@php($lines = $document['lines'])
<section id="lines" class="brand-part" aria-labelledby="lines-title">
  <h2 id="lines-title">Standing lines</h2>
  <p class="help">Facts of the firm, entered once. Cards that carry them change with them; new cards start with them.
  </p>
  <form method="post" action="{{ route('brand.keep', 'lines') }}" class="stack lines-form"
    hx-post="{{ route('brand.keep', 'lines') }}" hx-trigger="change, submit">
    @include('brand.hidden')
    @foreach ([
        ['company', 'Company', 'text', 'Quillfern Garden Studio', ''],
        ['phone', 'Shared phone', 'tel', '+44 1632 960100',
            'The number of the firm; direct and mobile numbers stay with each person.'],
        ['email', 'General mail address', 'email', 'studio@quillfern.example', ''],
        ['address', 'Address', 'text', '4 Mallow Lane, Eddersby', ''],
        ['map', 'Map link', 'url', 'quillfern.example/find-us', 'Left empty, a map is searched for the address.'],
        ['web', 'Web', 'url', 'quillfern.example', ''],
    ] as [$key, $label, $mode, $example, $help])
      <div class="line-row"><label for="line-{{ $key }}">{{ __($label) }}</label>
        <div><input class="form-control" id="line-{{ $key }}" name="lines[{{ $key }}]"
            inputmode="{{ $mode }}" value="{{ $typed("lines.$key", $lines[$key]) }}"
            placeholder="for example {{ $example }}" autocomplete="off" aria-describedby="error-lines-{{ $key }}"
            @if (isset($refused['lines'][$key])) aria-invalid="true" @endif>
          @if ($help)
            <p class="help">{{ __($help) }}</p>
          @endif @include('brand.error', ['part' => 'lines', 'field' => $key])
        </div>
      </div>
    @endforeach
    <div class="line-row"><label for="line-profiles">Networks of the firm</label>
      <div>
        <textarea class="form-control" id="line-profiles" name="lines[profiles]" rows="3" spellcheck="false"
          placeholder="for example instagram.com/quillfern.studio" aria-describedby="error-lines-profiles"
          @if (isset($refused['lines']['profiles'])) aria-invalid="true" @endif
          >{{ $typed('lines.profiles', implode("\n", $lines['profiles'])) }}</textarea>
        <p class="help">One a line. A person's own networks stay on their card beside these.</p>
        @include('brand.error', ['part' => 'lines', 'field' => 'profiles'])
      </div>
    </div>
    <div class="line-row"><label for="line-own">Each person's own</label>
      <div><input class="form-control" id="line-own" name="lines[own]"
          value="{{ $typed('lines.own', implode(', ', $own)) }}"
          placeholder="for example LinkedIn" autocomplete="off" aria-describedby="error-lines-own"
          @if (isset($refused['lines']['own'])) aria-invalid="true" @endif>
        <p class="help">Networks where everybody has a page of their own. For all others one page of the firm stands
          on every card.</p>@include('brand.error', ['part' => 'lines', 'field' => 'own'])
      </div>
    </div>
    <noscript><button class="btn btn-line">Keep</button></noscript>
  </form>
</section>
