module Main where

import Data.List

type Level = Double
data Reading = Reading { minute :: Int, level :: Level } deriving (Show, Eq)

readings :: [Reading]
readings = zipWith Reading [0, 30 ..] [1.2, 1.9, 2.6, 2.4, 1.7]

-- the highest of all readings
peak :: [Reading] -> Reading
peak = maximumBy ⟪compareLevel⟶byLevel⟫
  where byLevel a b = compare (level a) (level b)

rising :: Reading -> Reading -> Bool
rising a b = level b > ⟪a level⟶level a⟫

pairs :: [a] -> [(a, a)]
pairs xs = zip xs (⟪tail⟶tail xs⟫)

trend :: [Reading] -> [Bool]
trend rs = map (⟪rising⟶uncurry rising⟫) (pairs rs)

average :: [Reading] -> Level
average rs = sum (map level rs) / ⟪length rs⟶fromIntegral (length rs)⟶genericLength rs⟫

window :: Int -> [Reading] -> [[Reading]]
window n rs
    | length rs < n = []
    | otherwise = take n rs ⟪++⟶:⟫ window n (tail rs)

showLevel :: Level -> String
showLevel l = show (fromIntegral (round (l * 10)) / 10) ++ ⟪'m'⟶"m"⟫

safeAt :: Int -> [a] -> Maybe a
safeAt i xs
    | i < 0 ⟪or⟶||⟫ i >= length xs = Nothing
    | otherwise = Just (xs !! i)

main ⟪:⟶::⟫ IO ()
main = do
    print (peak readings)
    print (length (filter id (trend readings)))
    putStrLn ("mean " ++ showLevel (average readings))
    mapM_ (print . map minute) (window 3 readings)
    case safeAt 2 readings of
        Just r -> putStrLn (showLevel (level r))
        Nothing -> ⟪return "none"⟶putStrLn "none"⟶return ()⟫
