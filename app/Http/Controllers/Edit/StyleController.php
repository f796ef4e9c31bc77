<?php

namespace App\Http\Controllers\Edit;

use App\Bench\Sketching;
use App\Models\StoredBrand;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Edit;
use InkyCard\Card\Starter\Starters;
use InkyCard\Colour\ColourText;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;
use Symfony\Component\HttpFoundation\Response;

/** How a card looks. */
final class StyleController extends AbstractEditController
{
    public function restyle(Request $request, int $card): Response
    {
        return $this->change(
            $request,
            $card,
            '',
            function () use ($request): Edit\Restyle {
                $style = $request->array('style');

                return new Edit\Restyle(self::codes($style) + self::chain($style) + Arr::only($style, [
                    'typeface', 'inks', 'sizes', 'rule', 'gaps', 'symbols', 'button', 'ground', 'marks', 'panels',
                ]));
            },
        );
    }

    /**
     * Typefaces by name, which go before the one chosen from the list (need F01).
     *
     * @param  array<array-key, mixed>  $style
     * @return array{typeface?: string}
     */
    private static function chain(array $style): array
    {
        $chain = $style['chain'] ?? '';

        return is_string($chain) && trim($chain) !== '' ? ['typeface' => FontStack::of($chain)->key] : [];
    }

    /**
     * Inks typed as codes, in any notation the brand takes (need F05).
     *
     * @param  array<array-key, mixed>  $style
     * @return array<string, array<array-key, string>> `inks`, where there are any
     *
     * @throws Refusal
     */
    private static function codes(array $style): array
    {
        $codes = is_array($style['codes'] ?? null) ? $style['codes'] : [];
        $inks = [];
        foreach ($codes as $role => $code) {
            $inks[$role] = Refusal::at("/style/inks/$role", fn () => ColourText::parse($code)->hex);
        }

        return $inks === [] ? [] : ['inks' => $inks];
    }

    public function scale(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\Scale($request->boolean('larger')), whole: true);
    }

    public function rearrange(Request $request, int $card): Response
    {
        return $this->change(
            $request,
            $card,
            '',
            fn () => new Edit\Rearrange(
                Refusal::at('/arrangement', fn () => Arrangement::of(self::string($request, 'arrangement'))),
            ),
            whole: true,
        );
    }

    public function look(Request $request, int $card): Response
    {
        return $this->change(
            $request,
            $card,
            '',
            fn () => new Edit\TakeLook(
                Starters::all()[self::string($request, 'look')] ?? throw Refusal::because('There is no such look.'),
                StoredBrand::in($this->workspace)->document(),
            ),
            whole: true,
        );
    }

    public function sketch(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', function () use ($request, $card): Edit\Redesign {
            $stored = $this->card($card);
            $key = self::string($request, 'sketch');

            return new Edit\Redesign(
                Sketching::of($stored, $request)->design($key),
                Starters::all()[explode('.', $key)[0]]->name ?? '',
            );
        }, whole: true);
    }

    public function tuneSeveral(Request $request, int $card): Response
    {
        $ids = array_values(array_filter($request->array('pieces'), is_string(...)));

        return $this->change($request, $card, '', fn () => new Edit\TuneSeveral($ids, $request->array('several')));
    }
}
