<?php

namespace App\Http\Controllers\Api;

use App\Models\StoredPicture;
use App\Outside\SafeHttpClient;
use App\Pictures\Library;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Picture\Baked;
use InkyCard\Picture\Intake;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** The pictures of the workspace. */
final class PictureApiController extends ApiController
{
    public function index(): JsonResponse
    {
        $pictures = $this->workspace->pictures()->whereNull('removed_at')->latest('id');

        return self::page($pictures->paginate(self::PER_PAGE), self::about(...));
    }

    public function show(int $picture): JsonResponse
    {
        return self::json(self::about($this->picture($picture)));
    }

    /** As it is kept. */
    public function file(Library $library, int $picture): Response
    {
        $picture = $this->picture($picture);

        return response($library->bytes($picture->source()), 200, ['Content-Type' => Baked::mime($picture->extension)]);
    }

    /** The bytes of one as they are, or the address of one as JSON. @throws Refusal */
    public function store(Request $request, Library $library, SafeHttpClient $outside): JsonResponse
    {
        if ($request->isJson()) {
            $address = self::text(self::sent($request), 'address');
            $picture = Refusal::at('/address', fn () => $library->takeIn($this->workspace, $outside, trim($address)));
        } else {
            $bytes = (string) $request->getContent();
            strlen($bytes) <= Intake::MAX_BYTES || throw Intake::tooHeavy();
            $picture = $library->add($this->workspace, $bytes, self::query($request, 'name', 'picture'));
        }

        return self::json(self::about($picture), 201, ['Location' => route('api.picture', $picture->id)]);
    }

    /** Its words and rights. @throws Refusal */
    public function change(Request $request, int $picture): JsonResponse
    {
        $picture = $this->picture($picture);
        foreach (array_intersect_key(self::sent($request), ['alt' => 0, 'rights' => 0]) as $key => $text) {
            $picture->forceFill([$key => Refusal::at("/$key", fn () => CleanText::of($text, 160, (string) $key))]);
        }
        $picture->save();

        return self::json(self::about($picture));
    }

    /** Put away: cards that have it keep it. */
    public function remove(int $picture): Response
    {
        $this->picture($picture)->forceFill(['removed_at' => now()])->save();

        return response()->noContent();
    }

    public function restore(int $picture): JsonResponse
    {
        $picture = $this->picture($picture);
        $picture->forceFill(['removed_at' => null])->save();

        return self::json(self::about($picture));
    }

    /** @return array<string, mixed> */
    private static function about(StoredPicture $picture): array
    {
        return [
            'id' => $picture->id, 'ref' => $picture->ref(), 'name' => $picture->name, 'width' => $picture->width,
            'height' => $picture->height, 'bytes' => $picture->bytes, 'alt' => $picture->alt,
            'rights' => $picture->rights, 'added_at' => $picture->created_at->toAtomString(),
            'removed' => $picture->removed_at !== null,
        ];
    }

    private function picture(int $id): StoredPicture
    {
        /** @var StoredPicture */
        return $this->workspace->pictures()->findOrFail($id);
    }
}
