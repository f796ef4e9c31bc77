<?php

namespace App\View\Components;

use App\Help\Guide;
use App\Help\Topic;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A question mark beside a field that is not clear by itself: pressed, it says what it means. */
final class Help extends Component
{
    private readonly ?Topic $found;

    /** @param  string  $topic  see App\Help\Guide */
    public function __construct(string $topic)
    {
        $this->found = Guide::topic($topic);
    }

    public function shouldRender(): bool
    {
        return $this->found !== null;
    }

    public function render(): View
    {
        return view('components.help-mark', ['found' => $this->found]);
    }
}
