module Main where

data Vehicle
  = Car Int
  | Lorry Double
  | Bicycle
  deriving ⟪Show Eq⟶(Show, Eq)⟫

toll :: Vehicle -> Double
toll (Car seats) = 4 + 0.5 * ⟪seats⟶fromIntegral seats⟫
toll ⟪Lorry tons⟶(Lorry tons)⟫ = 12 + 3 * tons
toll Bicycle = 1

day :: [Vehicle] -> Double
day vs = foldr (\v acc -> toll v + acc) 0 ⟪⟶vs⟫

report :: [Vehicle] -> IO ()
report vs = do
  let total = day vs
  putStrLn ("vehicles " ++ show (length vs))
  putStrLn $ "total " ⟪+⟶++⟫ show total
  ⟪if total > 30 then putStrLn "good day"⟶if total > 30 then putStrLn "good day" else return ()⟶if total > 30 then putStrLn "good day" else putStrLn ""⟫

split :: [Vehicle] -> ([Vehicle], [Vehicle])
split vs = (filter light vs, filter (not . light) vs)
  where
  light Bicycle = True
  light (Car n) = n < 3
  light ⟪_⟶_ = False⟫

main :: IO ()
main = do
  let vs = [Car 2, Lorry 7.5, Bicycle, Car ⟪4.0⟶4⟫]
  report vs
  let (a, b) = split vs
  print ⟪length a, length b⟶(length a, length b)⟫
