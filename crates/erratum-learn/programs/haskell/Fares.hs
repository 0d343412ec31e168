module Main where

base :: Double
base = 3.5

perZone :: Double
perZone = 1.25

fare :: Int -> Bool -> Double
fare zones child =
  if child
    then full / 2
    else full
  where
    full = base + perZone * fromIntegral zones

group :: [Int] -> Int -> Double
group sizes zones
  | total > 100 = total * 0.9
  | otherwise = total
  where
    total = sum [fromIntegral size * fare zones False | size <- sizes]

line :: Int -> String
line zones = show zones ++ " zones: " ++ show (fare zones False)

main :: IO ()
main = do
  mapM_ (putStrLn . line) [1 .. 4]
  let sizes = [4, 7, 12]
  putStrLn ("children: " ++ show (fare 2 True))
  putStrLn ("groups: " ++ show (group sizes 2))
