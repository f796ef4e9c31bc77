<style>
.card { border-collapse: collapse; font-family: Verdana, Geneva, sans-serif; font-size: 13px; color: #26332b }
.cell { padding: 0 16px 0 0; vertical-align: top }
.text { padding: 0 0 0 16px; border-left: 3px solid #2c5c3e; vertical-align: top }
.line { padding: 2px 0 0; line-height: 18px }
.name { font-size: 18px; font-weight: bold; color: #2c5c3e }
.quiet { color: #5d6a62 }
.small { font-size: 11px }
.link { color: #2c5c3e; text-decoration: none }
.mark { padding: 0 0 0 10px }
.button { padding: 9px 18px; background-color: #b4502c; border-radius: 4px; color: #ffffff; font-weight: bold }
img { display: block }
</style>
<table class="card" role="presentation"><tr><td><table role="presentation"><tr><td class="cell"><img src="{{ $src }}" width="112" height="112" alt="Portrait of {{ $name }}"></td><td class="text"><table role="presentation">
<tr><td class="line name">{{ $name }}</td></tr><tr><td class="line">{{ $role }}</td></tr><tr><td class="line quiet">{{ $company }}</td></tr>
<tr><td class="line"><a class="link" href="tel:+441632960147"><span class="link">{{ $phone }}</span></a></td></tr>
<tr><td class="line"><a class="link" href="mailto:{{ $mail }}"><span class="link">{{ $mail }}</span></a></td></tr>
<tr><td class="line"><a class="link" href="{{ $web }}"><span class="link">{{ $web }}</span></a></td></tr>
<tr><td class="line quiet small">{{ $licence }}</td></tr></table></td></tr></table></td></tr>
<tr><td><table role="presentation"><tr>@foreach(['a', 'b', 'c', 'd'] as $mark)<td class="mark"><a class="link" href="{{ $web }}/{{ $mark }}"><img src="{{ $src }}" width="32" height="32" alt="{{ $mark }}"></a></td>@endforeach
<td class="button"><a class="button" href="{{ $web }}"><span>Book a garden visit</span></a></td></tr></table></td></tr></table>
