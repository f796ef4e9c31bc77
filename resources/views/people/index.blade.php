<x-layouts.page title="People" nav="people">
  <main id="main" class="desk people">
    <div class="desk-head">
      <h1>People</h1>
      <p class="quiet">{{ trans_choice(':count person|:count people', $list->total()) }}</p>
      <form method="get" class="list-tools ms-end" role="search" data-at-once>
        <input class="form-control" type="search" name="find" value="{{ $asked->find }}" aria-label="Find people"
          placeholder="Find by name, role, address">
        @if ($groups->isNotEmpty())
          <select class="form-select" name="group" aria-label="Group">
            <option value="">Any group</option>
            @foreach ($groups as $group)
              <option value="{{ $group->name }}" @selected($asked->group === $group->name)>{{ $group->name }}</option>
            @endforeach
          </select>
        @endif
        <select class="form-select" name="show" aria-label="Who is shown">
          @foreach ($asked::SHOWS as $key => $label)
            <option value="{{ $key }}" @selected($asked->show === $key)>{{ __($label) }}</option>
          @endforeach
        </select>
        <select class="form-select" name="sort" aria-label="Order">
          @foreach ($asked::SORTS as $key => $label)
            <option value="{{ $key }}" @selected($asked->sort === $key)>{{ __($label) }}</option>
          @endforeach
        </select>
        <noscript><button class="btn btn-line">Show</button></noscript>
      </form>
      <a class="btn btn-stamp" href="{{ route('people.new') }}">Add somebody</a>
    </div>
    @if (session('told'))
      <div class="told" role="status">{{ session('told') }} @if (session('undo'))
          <form method="post" action="{{ route('people.several') }}" class="inline">@csrf<input type="hidden"
              name="do" value="{{ session('undo')[0] }}"><input type="hidden" name="group"
              value="{{ session('undo')[2] }}">
            @foreach (session('undo')[1] as $id)
              <input type="hidden" name="people[]" value="{{ $id }}">
            @endforeach
            <button class="btn-words">Undo</button>
          </form>
        @endif
      </div>
    @endif
    @if ($list->isEmpty())
      <div class="empty">
        <h2>{{ request()->query() === [] ? 'Nobody here yet' : 'Nobody is like that' }}</h2>
        <p>Bring a list in below, or add somebody by hand.
          @if (request()->query() !== [])
            <a href="{{ route('people') }}">Show everybody</a>
          @endif
        </p>
      </div>
    @else
      <form method="post" action="{{ route('people.several') }}" id="several">@csrf</form>
      <div class="table-scroll">
        <table class="staff">
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">Choose</span></th>
              <th scope="col">Name</th>
              <th scope="col">Department, groups</th>
              <th scope="col">Reached by</th>
              <th scope="col">Days</th>
            </tr>
          </thead>
          <tbody>
            @foreach ($list as $one)
              <tr>
                <td><input type="checkbox" form="several" name="people[]" value="{{ $one->id }}"
                    aria-label="Choose {{ $one->name }}"></td>
                <th scope="row"><a href="{{ route('person', $one->id) }}" translate="no">{{ $one->name }}</a>
                  <span class="quiet" translate="no">{{ $one->fact('role') }}</span></th>
                <td translate="no">{{ implode(' · ', array_filter([$one->fact('department'), ...$in[$one->id]
                    ?? []])) }}</td>
                <td class="measure" translate="no">{{ implode(' · ', array_slice(array_filter([$one->address,
                    $one->number()]), 0, 2)) }}</td>
                <td>
                  @if ($one->first_day > $today)
                    <span class="chip chip-mend">starts {{ Moments::day($one->first_day, 'short') }}</span>
                  @elseif ($one->last_day && $one->last_day < $today)
                    <span class="chip">left {{ Moments::day($one->last_day, 'short') }}</span>
                  @elseif ($one->last_day)
                    <span class="chip chip-mend">leaves {{ Moments::day($one->last_day, 'short') }}</span>
                  @endif
                </td>
              </tr>
            @endforeach
          </tbody>
        </table>
      </div>
      <x-pages :list="$list" before="Back" after="Further" />
      <p class="help">This list, to take along: <a href="{{ route('people.file', request()->query()) }}" download>as
          CSV</a>, <a href="{{ route('people.contacts', request()->query()) }}"
          download>as contacts (vCard)</a></p>
      <div class="several" role="group" aria-label="Those chosen">
        <label for="several-group">Those chosen</label>
        <input class="form-control" id="several-group" form="several" name="group" list="known-groups" maxlength="40"
          placeholder="a group" autocomplete="off">
        <datalist id="known-groups">
          @foreach ($groups as $group)
            <option value="{{ $group->name }}"></option>
          @endforeach
        </datalist>
        <button class="btn btn-line" form="several" name="do" value="join">Put in the group</button>
        <button class="btn btn-line" form="several" name="do" value="part">Take out of it</button>
        @if ($asked->show === 'removed')
          <button class="btn btn-line" form="several" name="do" value="back">Back on the list</button>
        @else
          <button class="btn btn-line" form="several" name="do" value="remove">Off the list</button>
        @endif
      </div>
    @endif
    <div class="people-parts">
      <section aria-labelledby="bring">
        <h2 id="bring">Bring a list in</h2>
        <p>From a spreadsheet, an address book or a directory: you see what will happen before it does.</p>
        <form method="post" action="{{ route('people.bring') }}" enctype="multipart/form-data" class="stack">@csrf
          <div class="field"><label for="list-file">A file: CSV, XLSX, ODS, vCard or LDIF</label>
            <input class="form-control" type="file" id="list-file" name="file"
              accept=".csv,.tsv,.txt,.xlsx,.ods,.vcf,.ldif,.ldf" aria-describedby="error-file">
          </div>
          <div class="field"><label for="list-rows">or rows as you copied them</label>
            <textarea class="form-control" id="list-rows" name="rows" rows="3" spellcheck="false"
              aria-describedby="error-file">{{ old('rows', '') }}</textarea>
            <p class="field-error" id="error-file">{{ $errors->first('file') }}</p>
          </div>
          <button class="btn btn-line">Look at it</button>
        </form>
        @if ($imports->isNotEmpty())
          <ul class="rows">
            @foreach ($imports as $import)
              <li><span><a href="{{ route('staff-import', $import->id) }}" translate="no">{{ $import->name }}</a></span>
                <span class="quiet">{{ __(['read' => 'columns to be settled', 'planned' => 'looked at, not brought in',
                    'brought' => 'brought in', 'undone' => 'taken back'][$import->state]) }}</span>
                <span class="measure">{{ Moments::at($import->created_at, 'short') }}</span></li>
            @endforeach
          </ul>
        @endif
      </section>
      <section aria-labelledby="portraits">
        <h2 id="portraits">Portraits</h2>
        <p>Files named by an address or a name, or a ZIP of them: each goes to whom it is of.</p>
        <form method="post" action="{{ route('people.portraits') }}" enctype="multipart/form-data" class="stack">@csrf
          <div class="field"><label for="portrait-files">Pictures, a ZIP, or contacts (vCard)</label>
            <input class="form-control" type="file" id="portrait-files" name="portraits[]" multiple
              accept="image/jpeg,image/png,image/webp,.zip,.vcf" aria-describedby="error-portraits">
            <p class="field-error" id="error-portraits">{{ $errors->first('portraits') }}</p>
          </div>
          <button class="btn btn-line">Set them</button>
        </form>
      </section>
      <section aria-labelledby="rollouts">
        <h2 id="rollouts">Rollouts</h2>
        <p>People told, asked and reminded, until the test of each has come and is right.</p>
        @if ($rollouts->isNotEmpty())
          <ul class="rows">
            @foreach ($rollouts as $rollout)
              <li><span><a href="{{ route('rollout', $rollout->id) }}" translate="no">{{ $rollout->name }}</a></span>
                <span
                  class="quiet">{{ __('in place by :day', ['day' => Moments::day($rollout->deadline)]) }}</span></li>
            @endforeach
          </ul>
        @endif
        <a class="btn btn-line" href="{{ route('rollouts.new') }}">Begin a rollout</a>
        <a class="btn btn-line" href="{{ route('people.duties') }}">Duties of each card</a>
        <a class="btn btn-line" href="{{ route('people.mail-server') }}">By the mail server</a>
      </section>
      <section aria-labelledby="houses">
        <h2 id="houses">House cards</h2>
        <p>A card a group follows: some pieces are the same for all, some each person’s own.</p>
        @if ($houses->isNotEmpty())
          <ul class="rows">
            @foreach ($houses as $house)
              <li><span><a href="{{ route('house', $house->card->id) }}"
                translate="no">{{ $house->card->name }}</a></span>
                <span class="quiet">{{ $house->put === null ? __('not put yet') : ($house->isDrafted()
                    ? __('has a draft') : __('put')) }}</span></li>
            @endforeach
          </ul>
        @endif
        @can('make')
          <form method="post" action="{{ route('house.begin') }}" class="with-button">@csrf
            <select class="form-select" name="card" aria-label="A card to make a house card of">
              @foreach ($choices as $id => $name)
                <option value="{{ $id }}">{{ $name }}</option>
              @endforeach
            </select>
            <button class="btn btn-line">Make it a house card</button>
          </form>
          <form method="post" action="{{ route('house.begin') }}" class="with-button">@csrf
            <select class="form-select" name="starter" aria-label="A sample to begin a house card from" translate="no">
              @foreach ($samples as $key => $name)
                <option value="{{ $key }}">{{ $name }}</option>
              @endforeach
            </select>
            <button class="btn btn-line">Begin from a sample</button>
          </form>
        @endcan
      </section>
      @if ($groups->isNotEmpty())
        <section aria-labelledby="groups">
          <h2 id="groups">Groups</h2>
          <p>Of somebody in several groups, the first one here counts.</p>
          <ul class="rows">
            @foreach ($groups as $group)
              <li>
                <form method="post" action="{{ route('people.group', $group->id) }}" class="with-button">@csrf
                  <input class="form-control" name="name" value="{{ $group->name }}" maxlength="40"
                    aria-label="Name of the group {{ $group->name }}">
                  <button class="btn btn-plain" aria-label="Rename {{ $group->name }}">Rename</button>
                  <button class="btn btn-plain" name="do" value="up" @disabled($loop->first)
                    aria-label="Put {{ $group->name }} further up">Up</button>
                  <button class="btn btn-plain" name="do" value="remove"
                    aria-label="Take away {{ $group->name }}">Take away</button>
                </form>
                @if ($houses->isNotEmpty())
                  <form method="post" action="{{ route('people.group', $group->id) }}" class="with-button">@csrf
                    <input type="hidden" name="do" value="follow">
                    <select class="form-select" name="house" aria-label="House card {{ $group->name }} follows">
                      <option value="">no house card</option>
                      @foreach ($houses as $house)
                        <option value="{{ $house->card->id }}" @selected($group->house_id === $house->card->id)>{{
                            $house->card->name }}</option>
                      @endforeach
                    </select>
                    <button class="btn btn-plain" aria-label="Let {{ $group->name }} follow it">Follow</button>
                  </form>
                @endif
                <a class="measure" href="{{ route('people', ['group' => $group->name]) }}">{{ trans_choice(
                    ':count person|:count people', $group->people) }}</a>
              </li>
            @endforeach
          </ul>
        </section>
      @endif
    </div>
  </main>
</x-layouts.page>
