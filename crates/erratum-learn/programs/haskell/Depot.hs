module Main where

data Tank = Tank String Int Int

label :: Tank -> String
label (Tank name _ _) = name

fill :: Int -> Tank -> (Int, Tank)
fill amount (Tank name size level) =
  let room = size - level
      used = min room amount
  in (amount - used, Tank name size (level + used))

draw :: Int -> Tank -> Maybe Tank
draw amount (Tank name size level)
  | amount > level = Nothing
  | otherwise = Just (Tank name size (level - amount))

percent :: Tank -> Int
percent (Tank _ size level) = 100 * level `div` size

spread :: Int -> [Tank] -> (Int, [Tank])
spread left [] = (left, [])
spread left (tank : rest) =
  let (over, full) = fill left tank
      (final, others) = spread over rest
  in (final, full : others)

main :: IO ()
main = do
  let (left, tanks) = spread 900 [Tank "east" 1000 500, Tank "west" 400 200]
  putStrLn ("left over: " ++ show left)
  mapM_ (\tank -> putStrLn (label tank ++ " " ++ show (percent tank) ++ " %")) tanks
  case draw 5000 (head tanks) of
    Nothing -> putStrLn "not enough fuel"
    Just _ -> putStrLn "drawn"
