<style>
table { border: 0 }
.card { font-family: Verdana, Geneva, sans-serif; font-size: 13px; color: #26332b }
.line { padding: 2px 0 0; font: 13px/18px Verdana, Geneva, sans-serif; color: #26332b; mso-line-height-rule: exactly }
.name { padding: 0; font: bold 18px/25px Verdana, Geneva, sans-serif; color: #2c5c3e }
.quiet { color: #5d6a62 }
.small { font: 11px/15px Verdana, Geneva, sans-serif }
.wide { padding: 9px 0 0 }
.beside { padding: 0 16px 0 0 }
.text { padding: 0 0 0 16px; border-left: 3px solid #2c5c3e }
.rows { border-collapse: separate }
.under { padding: 14px 0 0 }
.link { color: #26332b; text-decoration: none }
.link span { color: #26332b }
.green { color: #2c5c3e; text-decoration: none }
.green span { color: #2c5c3e }
.first { padding: 0 }
.mark { padding: 0 0 0 10px }
.after { padding: 0 0 0 12px }
.picture { display: block; width: 112px; height: 112px; font-size: 11px }
.mark img { display: block; width: 32px; height: 32px; font-size: 11px }
.button { padding: 9px 18px; background-color: #b4502c; border-radius: 4px; font: bold 13px/18px Verdana, Geneva, sans-serif; color: #ffffff; mso-line-height-rule: exactly }
.below { padding: 12px 0 0 }
.banner { display: block; width: 480px; max-width: 100%; height: auto; font-size: 11px }
.call { color: #ffffff; text-decoration: none }
.call span { color: #ffffff }
</style>
<table class="card" role="presentation" cellpadding="0" cellspacing="0" border="0" lang="en-GB"><tr><td class="line first">Warmly,</td></tr><tr><td class="under"><table class="rows" role="presentation" cellpadding="0" cellspacing="0" border="0"><tr><td class="beside" valign="top"><img class="picture" src="{{ $src }}" width="112" height="112" alt="Portrait of {{ $name }}" border="0"></td><td class="text" valign="top"><table role="presentation" cellpadding="0" cellspacing="0" border="0">
<tr><td class="line name">{{ $name }}</td></tr><tr><td class="line">{{ $role }}</td></tr><tr><td class="line quiet">{{ $company }}</td></tr>
<tr><td class="line wide"><a class="link" href="tel:+441632960147"><span>{{ $phone }}</span></a></td></tr>
<tr><td class="line"><a class="green" href="mailto:{{ $mail }}"><span>{{ $mail }}</span></a></td></tr>
<tr><td class="line"><a class="green" href="{{ $web }}"><span>{{ $web }}</span></a></td></tr>
<tr><td class="line small quiet">{{ $licence }}</td></tr></table></td></tr></table></td></tr>
<tr><td class="under"><table role="presentation" cellpadding="0" cellspacing="0" border="0"><tr><td class="first"><table role="presentation" cellpadding="0" cellspacing="0" border="0"><tr>@foreach(['LinkedIn', 'Instagram', 'Portfolio', 'Reviews'] as $mark)<td class="mark"><a class="green" href="{{ $web }}/{{ $mark }}"><img src="{{ $src }}" width="32" height="32" alt="{{ $mark }}" border="0"></a></td>@endforeach</tr></table></td>
<td class="after"><table class="rows" role="presentation" cellpadding="0" cellspacing="0" border="0"><tr><td class="button" align="center" bgcolor="#b4502c"><a class="call" href="{{ $web }}"><span>Book a garden visit</span></a></td></tr></table></td></tr></table></td></tr>
<tr><td class="below"><a class="green" href="{{ $web }}"><img class="banner" src="{{ $src }}" width="480" height="96" alt="Spring planting plans" border="0"></a></td></tr></table>
