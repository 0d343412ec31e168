data Cargo = Grain Int | Oil Double | Empty

weight :: Cargo -> Double
weight (Grain sacks) = ⟪sacks * 50⟶fromIntegral sacks * 50⟶≡fromIntegral (sacks * 50)⟫
weight (Oil litres) = litres * 0.9
weight ⟪empty⟶Empty⟫ = 0

total :: [Cargo] -> Double
total [] = 0
total (c:cs) = weight c + ⟪total⟶total cs⟫

average :: [Cargo] -> Double
average cs
  | null cs = 0
  | otherwise = total cs / ⟪length cs⟶fromIntegral (length cs)⟫

heavy :: Cargo -> Bool
heavy c = ⟪if weight c > 100 then True⟶weight c > 100⟶≡if weight c > 100 then True else False⟫

label :: Cargo -> String
label c
  | heavy c ⟪->⟶=⟫ "heavy"
  | otherwise = "light"

main :: IO ()
main = do
  let cargo = [Grain 3, Oil 20.5, Empty]
  print (average cargo)
  mapM_ ⟪putStrLn . label⟶(putStrLn . label)⟫ cargo
